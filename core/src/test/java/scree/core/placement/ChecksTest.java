package scree.core.placement;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import scree.core.face.Side;
import scree.core.method.Aim;
import scree.core.plane.Vec;

/** Every fault has a zone that shows it, and a plan that was made for a face shows none of them. */
class ChecksTest {
    private static List<Fault> faults(String face, List<PlacedZone> zones) {
        return new Checks(ToldFace.of(face).draft())
                .all(zones).stream().map(Caution::fault).toList();
    }

    private static PlacedZone zone(String face, Area area) {
        return ToldFace.of(face)
                .plan()
                .zone(area, area.paired() ? Side.LEFT : Side.CENTRE)
                .orElseThrow();
    }

    private static PlacedZone edited(PlacedZone zone, UnaryOperator<Vec> move) {
        return zone.changed(move, zone.strength());
    }

    // ---- where a zone lies ----

    @ParameterizedTest(name = "{1} of {0} moved by {2}, {3}: {4}")
    @CsvSource({
        "OVAL BALANCE,                CHEEK_SHADOW,      0,    .25, BELOW_NOSTRIL",
        "OVAL BALANCE,                CHEEK_SHADOW,      -.45, 0,   PAST_STOP",
        "OVAL BALANCE,                BLUSH,             -.55, 0,   PAST_STOP",
        "OVAL BALANCE,                UNDER_EYE_LIGHT,   0,   -.3,  IN_EYE",
        "OVAL BALANCE,                FOREHEAD_LIGHT,    .4,   .35, IN_BROW",
        "OVAL BALANCE,                BRIDGE_LIGHT,      .2,   .45, IN_NOSTRIL",
        "OVAL BALANCE,                CHIN_LIGHT,        0,   -.35, IN_LIPS",
        "OVAL BALANCE,                CHEEK_SHADOW,      .3,   0,   OUTSIDE_FACE",
        "OVAL BALANCE,                SUN_NECK,          .9,   0,   OUTSIDE_FACE"
    })
    void aZoneThatLiesWrongIsFound(String face, Area area, double dx, double dy, Fault fault) {
        PlacedZone zone = zone(face, area);
        Checks checks = new Checks(ToldFace.of(face).draft());
        double out = zone.side() == Side.RIGHT ? -dx : dx;
        assertThat(checks.geometry(zone)).isEmpty();
        assertThat(checks.geometry(edited(zone, p -> p.plus(out, dy))))
                .extracting(Caution::fault)
                .contains(fault);
    }

    @ParameterizedTest
    @CsvSource({"OVAL BALANCE, CHEEK_SHADOW", "OVAL BALANCE, JAW_SHADOW", "OVAL SCULPT, CLEAN_LINE"})
    void noShadowAndNoCleanLineComesNearTheMouth(String face, Area area) {
        PlacedZone zone = zone(face, area);
        Draft draft = ToldFace.of(face).draft();
        SideMap s = draft.side(Side.LEFT);
        Vec toMouth = s.turn(s.mouth).minus(zone.heart());
        assertThat(new Checks(draft).geometry(edited(zone, p -> p.plus(toMouth))))
                .extracting(Caution::fault)
                .contains(Fault.NEAR_MOUTH);
    }

    @Test
    void whatShrankToNothingOrCrossesItselfIsNoZone() {
        PlacedZone dab = zone("OVAL BALANCE", Area.CHIN_LIGHT);
        Vec middle = dab.heart();
        Checks checks = new Checks(ToldFace.of("OVAL BALANCE").draft());
        assertThat(checks.geometry(edited(dab, p -> p.towards(middle, .95))))
                .extracting(Caution::fault)
                .containsExactly(Fault.TOO_SMALL);
        List<Vec> edge = dab.pieces().get(0).edge();
        List<Vec> bow = new ArrayList<>(edge);
        for (int i = 0; i < edge.size() / 2; i++) { // half of the edge runs the other way round
            bow.set(i, edge.get(edge.size() / 2 - 1 - i));
        }
        Piece crossed = new Piece(bow, List.of(), dab.pieces().get(0).line());
        PlacedZone zone = new PlacedZone(
                dab.area(),
                dab.side(),
                List.of(crossed),
                dab.strength(),
                dab.blur(),
                List.of(),
                List.of(),
                List.of(),
                true);
        assertThat(checks.geometry(zone)).extracting(Caution::fault).contains(Fault.CROSSES_ITSELF);
    }

    @Test
    void aCheekShadowThatFallsInFrontReadsAsABeard() {
        PlacedZone shadow = zone("OVAL BALANCE", Area.CHEEK_SHADOW);
        List<Vec> line = shadow.pieces().get(0).line();
        Vec front = line.get(line.size() - 1);
        PlacedZone drawn = edited(shadow, p -> {
            double near = Math.max(0, 1 - p.distanceTo(front) / .2);
            return p.plus(0, .12 * near * near);
        });
        assertThat(faults("OVAL BALANCE", List.of(drawn))).contains(Fault.DROPS_IN_FRONT);
        assertThat(faults("OVAL BALANCE", List.of(shadow))).doesNotContain(Fault.DROPS_IN_FRONT);
    }

    // ---- how zones go together ----

    @ParameterizedTest
    @CsvSource({"CHEEK_TOP_SHEEN, .12", "BLUSH, .09", "BLUSH, -.09", "CHEEK_SHADOW, -.12"})
    void lightColourAndShadowOfACheekKeepRoom(Area area, double down) {
        List<PlacedZone> zones = ToldFace.of("OVAL BALANCE").plan().zones();
        assertThat(faults("OVAL BALANCE", zones)).doesNotContain(Fault.CROWDED);
        List<PlacedZone> moved = zones.stream()
                .map(z -> z.area() == area && z.side() == Side.LEFT ? edited(z, p -> p.plus(0, down)) : z)
                .toList();
        assertThat(new Checks(ToldFace.of("OVAL BALANCE").draft()).all(moved)).anySatisfy(c -> {
            assertThat(c.fault()).isEqualTo(Fault.CROWDED);
            assertThat(c.side()).isEqualTo(Side.LEFT);
        });
    }

    /** Six lights need a shadow to hold them; ten are too many with one. Faint ones do not count. */
    @Test
    void lightsEverywhereLeaveNoShadow() {
        List<PlacedZone> lights = new ArrayList<>();
        Set<Area> areas = EnumSet.noneOf(Area.class);
        for (String face : List.of(
                "OVAL SCULPT",
                "HEART BALANCE -EYES_APART",
                "TRIANGLE BALANCE",
                "OVAL LIFT age=60 NOSE_FOLDS MARIONETTE_LINES")) {
            for (PlacedZone z : ToldFace.of(face).plan().zones()) {
                if (z.area().family() == Family.LIGHT && areas.add(z.area())) {
                    lights.add(z.changed(p -> p, .5));
                }
            }
        }
        assertThat(lights).hasSizeGreaterThan(Restraint.MOST);
        List<PlacedZone> shadows = List.of(zone("OVAL BALANCE", Area.CHEEK_SHADOW));
        assertThat(faults("OVAL BALANCE", lights.subList(0, 5))).doesNotContain(Fault.TOO_MANY_LIGHTS);
        assertThat(faults("OVAL BALANCE", lights.subList(0, 6))).contains(Fault.TOO_MANY_LIGHTS);
        assertThat(faults("OVAL BALANCE", with(lights.subList(0, Restraint.MOST), shadows)))
                .doesNotContain(Fault.TOO_MANY_LIGHTS);
        assertThat(faults("OVAL BALANCE", with(lights, shadows))).contains(Fault.TOO_MANY_LIGHTS);
        List<PlacedZone> faint = lights.stream().map(z -> z.changed(p -> p, .3)).toList();
        assertThat(faults("OVAL BALANCE", faint)).doesNotContain(Fault.TOO_MANY_LIGHTS);
    }

    private static List<PlacedZone> with(List<PlacedZone> some, List<PlacedZone> more) {
        List<PlacedZone> all = new ArrayList<>(some);
        all.addAll(more);
        return all;
    }

    // ---- what the craft says ----

    /** A plan that was made for another face harms this one; its own does not. */
    @ParameterizedTest(name = "{1} on {0}: {2}")
    @CsvSource({
        "SQUARE BALANCE JOWL,             SQUARE BALANCE,  SHADOW_ON_JOWL",
        "HEART BALANCE HOLLOW_TEMPLES,    HEART BALANCE,   SHADOW_ON_HOLLOW",
        "OVAL BALANCE EYE_BAGS,           OVAL BALANCE,    BAG_BRIGHTENED",
        "OVAL BALANCE CHEEK_TEXTURE,      OVAL BALANCE,    SHEEN_ON_TEXTURE",
        "OVAL SCULPT NOSE_TEXTURE,        OVAL SCULPT,     SHEEN_ON_TEXTURE",
        "TRIANGLE BALANCE,                HEART BALANCE,   LIGHT_WHERE_WIDEST"
    })
    void whatHarmsThisFaceIsFound(String face, String other, Fault fault) {
        assertThat(faults(face, ToldFace.of(other).plan().zones())).contains(fault);
        assertThat(faults(face, ToldFace.of(face).plan().zones())).doesNotContain(fault);
        assertThat(faults(other, ToldFace.of(other).plan().zones())).doesNotContain(fault);
    }

    @Test
    void onlyTheHandMakesAShadowTooStrong() {
        PlacedZone shadow = zone("OVAL BALANCE", Area.JAW_SHADOW);
        assertThat(faults("OVAL BALANCE", List.of(shadow.changed(p -> p, 1.2)))).containsExactly(Fault.TOO_STRONG);
        assertThat(faults("OVAL BALANCE", List.of(shadow.changed(p -> p, 1.1)))).isEmpty();
        assertThat(faults(
                        "OVAL BALANCE", List.of(zone("OVAL BALANCE", Area.BLUSH).changed(p -> p, 1.2))))
                .isEmpty();
    }

    @ParameterizedTest
    @EnumSource(Aim.class)
    void whatWasPlannedForAFaceHasNoFault(Aim aim) {
        for (String shape : List.of("OVAL", "ROUND", "SQUARE", "OBLONG", "HEART", "DIAMOND", "TRIANGLE")) {
            for (String ticks :
                    List.of("", " JOWL age=60", " EYE_BAGS", " CHEEK_TEXTURE NOSE_TEXTURE", " HOLLOW_TEMPLES FRINGE")) {
                Plan plan = ToldFace.of(shape + " " + aim + ticks).plan();
                assertThat(plan.cautions().stream()
                                .map(Caution::fault)
                                .filter(Fault::mustNot)
                                .collect(Collectors.toSet()))
                        .as(shape + " " + aim + ticks)
                        .isEmpty();
            }
        }
    }
}
