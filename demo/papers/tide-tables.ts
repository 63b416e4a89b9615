import { abstract, caption, h1, p, ref, title, type DemoPaper } from '../blocks.ts';

/** A short report for the assignment that asks for two documents. */
export const tideTables: DemoPaper = {
  notes: ['All predictions were taken from the table printed for Carrow Quay for the year 2026.'],
  blocks: [
    title('Tide tables and their errors'),
    abstract('Predicted and observed high waters at Carrow Quay are compared for ninety days. The mean error of height is 7 cm and of time four minutes. Most of it follows the air pressure.'),
    h1('1 The question'),
    p('A tide table says when the water will be high and how high it will be, a year in advance and to the nearest minute and decimetre. It can do so because the tide is made by the moon and the sun, whose paths are known. What it cannot know is the weather. This report measures how far a table is out, and how much of the error can be explained by two readings that anybody can take on the day: air pressure and wind.'),
    p('The comparison covers the 174 high waters between 1 July and 28 September 2026.[^1] Heights were read from the staff at the quay every ten minutes from an hour before to an hour after the predicted time, and a parabola was fitted through the readings to find the time and the height of the turn.'),
    h1('2 Results'),
    { kind: 'table', rows: [['', 'Mean', 'Standard deviation', 'Largest'], ['Error of height (cm)', '7', '13', '48'], ['Error of time (minutes)', '4', '9', '27']] },
    caption('Table 1. Observed less predicted, 174 high waters.'),
    p('The water stood on average 7 cm above the table. Since the pressure over the ninety days was 4 hectopascals below its long mean, and the sea rises by about one centimetre for each hectopascal that the air presses less, 4 cm of the 7 are what one would expect. The other 3 cm are close to the rise of mean sea level since the constants of the table were computed, which was twelve years ago.'),
    p('Day by day the error of height follows the pressure with a correlation of 0.71. When the pressure is allowed for, the standard deviation falls from 13 to 9 cm; when the wind component along the estuary is allowed for as well, to 6 cm. The largest error, 48 cm on 19 September, came with a gale from the south-west and a fall of 27 hectopascals in a day.'),
    p('The errors of time are smaller than they look. High water is a flat turn: within ten minutes of it the level changes by less than 2 cm, so that an error of four minutes is of no consequence to a boat. They do, however, lean to one side. High water came late on springs and early on neaps, which suggests that one of the shallow-water constants of the table is out of date since the channel was deepened.'),
    h1('3 Conclusion'),
    p('For most purposes the table is good enough, and a glance at the barometer makes it twice as good. For work that depends on a decimetre, such as a survey of levels on a marsh, it is not: there the water has to be read.'),
    h1('References'),
    ref('Hesketh, M. (2003) What the moon leaves out. Carrow: Estuary Press.'),
    ref('Sandring, L. and Abara, D. (2019) Ten years at the staff. Annals of Tidal Geography, 15, 1–22.'),
  ],
};

/** The form that goes with the report: the answers are filled in. */
export const dataForm: DemoPaper = {
  notes: [],
  blocks: [
    title('Data form: observations at Carrow Quay'),
    p('Fill in every row and keep the units. The form is handed in as a word-processor file together with the report.'),
    { kind: 'table', rows: [['Item', 'Value'], ['First and last high water', '1 July 2026, 28 September 2026'], ['Number of high waters', '174'], ['Interval of readings', '10 minutes'], ['Datum of the staff', 'Carrow Quay datum, 0.12 m below mean sea level'], ['Instrument', 'painted staff, read by eye to 1 cm'], ['Days lost', '2 (fog)']] },
    p('Remarks: on 4 and 5 August the staff could not be seen from the quay because of fog, and no values were made up for these days.'),
  ],
};
