/** What bench says in whole sentences. */
export const BENCH_TEXT = {
  simulatedScenesMeterChoose:
    'Simulated scenes to meter, choose, seat and shoot with the steps of any stand. What an experienced hand would have done, and what each choice cost, is told afterwards. Nothing of it goes into your stands, your ledger or what is learnt.',
  sceneCouldNotMade: (name: string) =>
    `The scene “${name}” could not be made. Nothing is lost: try again, or another one.`,
};
