/** What a stand goes without that is carried to another device in a link, for want of room or by nature. */
export type CarriedWithout = 'picture' | 'small-pictures' | 'shots' | 'unused-glass';
