/** Warming over a hundred years against carbon dioxide. Source: IPCC AR4, as the European rule counts. */
export const GWP: Readonly<Record<string, number>> = {
  'R-22': 1810,
  'R-32': 675,
  'R-134a': 1430,
  'R-290': 3,
  'R-404A': 3922,
  'R-407A': 2107,
  'R-407C': 1774,
  'R-407F': 1825,
  'R-410A': 2088,
  'R-448A': 1387,
  'R-449A': 1397,
  'R-452A': 2140,
  'R-454B': 466,
  'R-507A': 3985,
  'R-513A': 631,
  'R-744': 1,
};
