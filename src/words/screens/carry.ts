/** What carry says in whole sentences. */
export const CARRY_TEXT = {
  photographCodeOtherDevice: 'Photograph the code with the other device, or send it the link',
  sendLinkOtherDevice: 'Send the link to the other device',
  opensStandStandLink: ': it opens this stand there. The stand is in the link itself; no server keeps it.',
  tooMuchCodePhotographed: 'It is too much for a code to be photographed.',
  pageOpenUnderName:
    'This page is open under a name that only this device knows. Open it by the device’s name on your network first, so that the other one finds it.',
  saveCodePicture: 'Save the code as a picture',
  copyingNotPossibleTake: 'Copying is not possible here: take the link from its field.',
  standCarriedPaleSeam: 'A stand is carried here · Pale Seam',
  nothingChangedAskLink: 'Nothing was changed. Ask for the link again, or for the stand as a file.',
  becomesStandYoursBeside:
    'It becomes a stand of yours, beside those that are here. Its picture stays where it came from.',
  codeOpensStandAnother: 'Code that opens this stand on another device',
};
