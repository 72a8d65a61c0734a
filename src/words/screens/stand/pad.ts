/** What stand/pad says in whole sentences. */
export const PAD_TEXT = {
  flexMinH16:
    'flex min-h-16 flex-col items-center justify-center rounded-md border border-edge bg-panel font-mono text-[17px] font-semibold active:bg-chosen',
};
