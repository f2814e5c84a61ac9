package scree.app.demo;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import scree.app.skin.Touched;
import scree.core.face.Side;
import scree.core.skin.FreeSpot;
import scree.core.skin.Texture;
import scree.core.skin.Zone;
import scree.standins.camera.Concern;
import scree.standins.camera.Sitter;

/** What the made-up musicians' skin has to be corrected today, and what the artist marked and felt of it. */
final class DemoConcerns {
    private DemoConcerns() {}

    /**
     * One person's.
     *
     * @param painted what the simulated skin holds
     * @param spots that the artist tapped; a popped one is the one whose number stands in {@code popped}
     */
    record Of(List<Concern> painted, List<FreeSpot> spots, List<Touched> felt, List<Integer> popped) {}

    private static final Of NONE = new Of(List.of(), List.of(), List.of(), List.of());

    private static final Map<String, Of> ALL = Map.of(
            "Liv Torsander",
            new Of(
                    List.of(
                            new Concern(.5, .2, .20, .085, .03, .40, true),
                            new Concern(.42, 1.22, .030, .030, .12, .42, false),
                            new Concern(-.5, 1.12, .030, .030, .02, .62, false)),
                    List.of(
                            new FreeSpot(1, FreeSpot.Kind.BLEMISH, .42, 1.22, .045),
                            new FreeSpot(2, FreeSpot.Kind.BLEMISH, -.5, 1.12, .05)),
                    List.of(),
                    List.of(2)),
            "Odd Myrvang",
            new Of(
                    List.of(
                            new Concern(0, .60, .17, .24, 0, .42, false),
                            new Concern(.34, .72, .10, .10, 0, .3, true),
                            new Concern(.5, .21, .19, .08, .05, .22, true)),
                    List.of(),
                    touched(Texture.CREPE, Texture.BAG),
                    List.of()),
            "Ama Tindelow",
            new Of(List.of(new Concern(.5, .2, .21, .09, .28, 0, true)), List.of(), List.of(), List.of()),
            "Petra Kvist",
            new Of(
                    List.of(
                            new Concern(.6, .56, .32, .26, 0, .36, true),
                            new Concern(0, .5, .16, .22, 0, .34, false),
                            new Concern(.36, .72, .10, .10, 0, .3, true)),
                    List.of(),
                    List.of(),
                    List.of()),
            "Rasmus Alder",
            new Of(
                    List.of(new Concern(1.1, 3.25, .11, .11, 1.2, 0, false)),
                    List.of(new FreeSpot(1, FreeSpot.Kind.TATTOO, 1.1, 3.25, .17)),
                    List.of(),
                    List.of()),
            "Samira Delvand",
            new Of(
                    List.of(
                            new Concern(-.66, .42, .085, .09, .24, 0, false),
                            new Concern(.7, .5, .09, .085, .2, 0, false)),
                    List.of(
                            new FreeSpot(1, FreeSpot.Kind.PATCH, -.66, .42, .13),
                            new FreeSpot(2, FreeSpot.Kind.PATCH, .7, .5, .13)),
                    List.of(),
                    List.of()),
            "Kofi Brandmoor",
            new Of(
                    List.of(new Concern(-.68, .86, .042, .030, -.42, -.1, false)),
                    List.of(new FreeSpot(1, FreeSpot.Kind.SCAR, -.68, .86, .05)),
                    List.of(),
                    List.of()));

    /** Returns what a musician's skin has. */
    static Of of(Sitter sitter) {
        return ALL.getOrDefault(sitter.name(), NONE);
    }

    private static List<Touched> touched(Texture... under) {
        List<Touched> all = new ArrayList<>();
        for (Texture t : under) {
            all.add(new Touched(Zone.UNDER_EYE, Side.RIGHT, t));
            all.add(new Touched(Zone.UNDER_EYE, Side.LEFT, t));
        }
        return all;
    }
}
