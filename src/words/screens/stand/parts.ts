/** What stand/parts says in whole sentences. */
export const STAND_PARTS_TEXT = {
  timesThroughNdsPouch: 'Times through the NDs of the pouch',
  skyReadCamerasOwn: 'A sky is read: the camera’s own time is put aside.',
  lensLeavesNoSlot: 'What is on the lens leaves no slot for an ND.',
  noNdBagPut: 'No ND in the bag: put one there, and its time stands here.',
};
