/**
 * Several faces and several artists: who is made ready by whom, and when. A {@link Day} is the question; {@link Timetable} the answer, with its proof
 * or how far from the best it can be at most. Up to sixteen faces {@link SubsetTable} is exact; {@link Branches} keeps tools and chairs apart above
 * it; {@link Windows} makes longer days better, {@link PriceBound} says how much better they could be. {@link Slack} says whom to watch. Time runs
 * in slots of five minutes, counted from a moment that whoever asks chooses. Leans on nothing.
 */
package scree.core.timetable;
