import { h1, p, ref, title, type DemoPaper } from '../blocks.ts';

/** The paper that is already in: its name had to carry the student number. */
export const foreshore: DemoPaper = {
  notes: ['The case is invented for teaching.'],
  blocks: [
    title('Dredging and the law of the foreshore'),
    h1('1 Who owns the mud?'),
    p('Between the marks of high and low water lies a strip that is land for half of the day and sea for the other half. Most legal orders treat it as belonging to the state unless it can be shown that it was granted away. The strip is of little value in itself, but whoever owns it has a say in what is done to it, and dredging is done to it in two ways: directly, when the foreshore is cut, and indirectly, when a channel is cut beside it and the foreshore slips into the channel.'),
    p('The second way is the harder one. In the case that is discussed here a harbour office deepened its approach by a metre under a licence that said nothing about the foreshore.[^1] Within four years the flat beside the channel had sunk by 15 cm and the oyster layings on it were lost. The owner of the layings claimed against the office; the office said that it had touched nothing but its own channel.'),
    h1('2 Two lines of reasoning'),
    p('The first line asks about the act. The office did what it was allowed to do, where it was allowed to do it, and with the care that was to be expected. On this view the loss lies where it falls. The second line asks about support. Land has a right to be held up by the land beside it, and whoever takes that away is answerable, however careful he was. The question is then whether mud is land in this sense, and whether a channel that fills and empties with every tide can be said to support anything.'),
    p('The tribunal chose the second line but limited it. It held that the foreshore is owed support by the bed beside it as far as that bed is at rest, and that a bed which moves by itself owes none. The office was therefore liable for the part of the loss that came from the first metre of the slope and not for the rest. The decision has been criticised as a compromise, but it can be applied: a sounding before and a sounding after tell which part of a slope was at rest.'),
    h1('3 What follows'),
    p('For practice this means that licences should be preceded by soundings that reach beyond the channel, and that owners of layings should ask for them. For doctrine it means that support is not a right of solid ground alone. Both are steps towards treating the coast as the moving thing it is.'),
    h1('References'),
    ref('Abara, D. (2016) Support without ground. Carrow Law Review, 3, 44–61.'),
    ref('Linde, F. (2021) The half-day land. Carrow: Estuary Press.'),
  ],
};
