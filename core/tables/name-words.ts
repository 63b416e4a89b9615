/** English words that are also given names or surnames: met alone in running text they are most likely the word.
 * Compiled by hand for this project; no published source. Add a word in lower case, sorted. */
export const nameWords: ReadonlySet<string> = new Set(`
abbey abbot alder amber angel apple april archer arms ash august aurora autumn baker ball banks bar barber barn bass bay beach bean bear beck bell berry best bird bishop black
blake bloom blue bond booth bow bowman branch bright brook brooks brown buck bull burn burns bush butcher butler cable carpenter carter case cash castle chance chandler chase cherry
christian church clay cliff coal cole cook cooper corn cotton court craft crane crisp cross crow curry dale dawn day dean drake drew drive duke east eden ember fair faith fall farmer
fell field fields finch finger fish fisher flint flood flower flowers foot ford forest forge foster fountain fox frank free freeman french frost fuller garden gardener garland gate gates gold
good grace grant grave graves gray green grey ground grove guy hail hall hand hardy harper hart harvest hawk hay hazel head heart heath heather herd hill hills holiday hood hooker hope
house hunt hunter hurst ice iris iron ivy jack jade jasmine jay jewel joy judge june justice keen key king kings kitchen knight lake lamb land lane large lark law lee leaf light lily little
lock long lord love low mann major marine mark marks marsh marshall mason massey masters may meadow mercer mercy merry mill miller mills mint mist moon moor moore moss mount myers nail neat
needle new newman noble norm north nurse oak oakes olive opal orchard page paige painter palm park parker parks pat peace peach pearl penny pepper perch phoenix pike pine pitt place plant
plum pole pool poole pope porter post potter pound powers price priest prince proctor quick rain ray read red reed reeve rice rich rider ridge rivers river rob rock rocks rod root rose ross
rowan ruby rush rust sage sailor salmon sand sandy sands savage sawyer scarlet sea seal sharp shepherd shore short silver simple singer skinner sky small smart smith snow song south spark sparrow
spear speed spicer spring stack stark steel stern stone storm strand strange stream street strong stubbs sue summer summers sun swan sweet sydney tailor tanner taylor temple terrain thorn thorne
tide tower town trap tree turner underwood vale valley victor violet virtue wade wake walker wall waller war ward warden water waters weaver webb weeks well wells west wheeler white wild will winter
winters wise wolf wood woods wren wright yard young and but the for not with from this that these those was were are our new old
`.trim().split(/\s+/));

/** Particles that belong to a surname but do not make one. Common practice, no published source. */
export const particles: ReadonlySet<string> = new Set('van der den de la le du des von zu zum zur af av del della di da dos das do e y al el ibn bin bint ben abu ten ter op of mac mc st o san santa vander'.split(' '));
