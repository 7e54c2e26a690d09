/** Words about links, the ways through a deck, and the map. */
export const routes = {
  openLinks: (count: number) => `Open links: ${count}`,
  openLinksHint: 'They lead to slides that are not in this deck. Press one to go to it and lead it elsewhere.',
  openLink: (slide: string, carrier: string) => `${slide}: “${carrier}”`,
};
