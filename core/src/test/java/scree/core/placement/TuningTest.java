package scree.core.placement;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumMap;
import java.util.Map;
import java.util.function.ToDoubleFunction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import scree.core.face.Shape;
import scree.core.method.Aim;
import scree.seeded.Draw;
import scree.seeded.Seeds;

class TuningTest {
    private static final Map<String, ToDoubleFunction<Tuning>> DIALS = Map.of(
            "drop", Tuning::drop,
            "width", Tuning::width,
            "depth", Tuning::depth,
            "temple", Tuning::temple,
            "jaw", Tuning::jaw,
            "chin", Tuning::chin,
            "rise", Tuning::rise);

    private static Tuning tuning(Map<Shape, Double> shares, Aim aim) {
        FaceBrief b = ToldFace.of("OVAL BALANCE").brief();
        Map<Shape, Double> all = new EnumMap<>(Shape.class);
        for (Shape s : Shape.values()) {
            all.put(s, shares.getOrDefault(s, 0.0));
        }
        return Tuning.of(
                new FaceBrief(b.face(), all, b.traits(), b.balance(), b.ticks(), b.age(), b.matureFrom(), b.skinType()),
                aim);
    }

    /** What the craft says of shapes, dial by dial: the first has more of it than the second. */
    @ParameterizedTest(name = "{0}: {1} over {2}")
    @CsvSource({
        "drop,   OBLONG,   OVAL", // a long face: lower and more level
        "drop,   OVAL,     ROUND", // a round one: steeper
        "width,  ROUND,    OBLONG",
        "depth,  ROUND,    SQUARE", // angles are eased
        "temple, HEART,    TRIANGLE", // wide above
        "jaw,    TRIANGLE, HEART", // wide below
        "chin,   OBLONG,   OVAL",
        "rise,   ROUND,    OBLONG"
    })
    void shapesAskForMoreAndLess(String dial, Shape more, Shape less) {
        ToDoubleFunction<Tuning> of = DIALS.get(dial);
        assertThat(of.applyAsDouble(tuning(Map.of(more, 1.0), Aim.BALANCE)))
                .isGreaterThan(of.applyAsDouble(tuning(Map.of(less, 1.0), Aim.BALANCE)));
    }

    /** Between two shapes every dial stands where their shares put it, so no face jumps from one table to another. */
    @Seeds(200)
    void aFaceBetweenTwoShapesIsTunedBetweenThem(Draw draw) {
        Shape one = draw.one(Shape.OVAL, Shape.SQUARE, Shape.OBLONG, Shape.DIAMOND);
        Shape two = draw.one(Shape.ROUND, Shape.TRIANGLE);
        double share = draw.between(0, 1);
        Tuning a = tuning(Map.of(one, 1.0), Aim.SCULPT);
        Tuning b = tuning(Map.of(two, 1.0), Aim.SCULPT);
        Tuning mixed = tuning(Map.of(one, share, two, 1 - share), Aim.SCULPT);
        DIALS.forEach((name, of) -> assertThat(of.applyAsDouble(mixed))
                .as(name)
                .isCloseTo(share * of.applyAsDouble(a) + (1 - share) * of.applyAsDouble(b), within(1e-9)));
    }

    @Test
    void aHeartWithARoundedJawGetsItsJawSidesToo() {
        double plain =
                tuning(Map.of(Shape.HEART, .8, Shape.OVAL, .2), Aim.BALANCE).jaw();
        double rounded =
                tuning(Map.of(Shape.HEART, .6, Shape.ROUND, .4), Aim.BALANCE).jaw();
        double little =
                tuning(Map.of(Shape.HEART, .9, Shape.ROUND, .1), Aim.BALANCE).jaw();
        assertThat(plain).isLessThan(.2);
        assertThat(rounded).isEqualTo(.6, within(1e-9));
        assertThat(little).isLessThan(rounded);
    }

    @ParameterizedTest
    @CsvSource({"SCULPT, BALANCE", "BALANCE, SOFTEN", "BALANCE, LIFT", "LIFT, NATURAL"})
    void aimsGoFromCarvedToBarelyThere(Aim more, Aim less) {
        Tuning much = tuning(Map.of(Shape.OVAL, 1.0), more);
        Tuning little = tuning(Map.of(Shape.OVAL, 1.0), less);
        assertThat(much.overall()).isGreaterThan(little.overall());
        assertThat(much.blur()).isLessThan(little.blur());
    }

    @Test
    void onlyALiftedFaceMovesUp() {
        for (Aim aim : Aim.values()) {
            assertThat(tuning(Map.of(Shape.OVAL, 1.0), aim).up() > 0)
                    .as(aim.name())
                    .isEqualTo(aim == Aim.LIFT);
        }
    }
}
