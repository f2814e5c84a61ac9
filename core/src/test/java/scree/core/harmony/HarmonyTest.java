package scree.core.harmony;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import scree.core.Golden;
import scree.core.colour.Illuminant;
import scree.core.colour.Lab;
import scree.core.colour.LeastSlope;
import scree.core.colour.Spectrum;
import scree.core.judge.HairTone;
import scree.core.judge.LaidProduct;
import scree.core.judge.LineJudge;
import scree.core.judge.Looks;
import scree.core.judge.RoleGaps;
import scree.core.judge.RoleJudge;
import scree.core.judge.RoleSkin;
import scree.core.judge.RoleWish;
import scree.core.mix.KitGaps;
import scree.core.reason.Reason;
import scree.core.shade.Form;
import scree.core.shade.Role;
import scree.core.shade.Traits;
import scree.seeded.Draw;
import scree.seeded.Seeds;

/** Colours of the worked-out kit on skins of all depths: what belongs together, what pulls, what a lamp takes. */
class HarmonyTest {
    /** A product of the worked-out kit. */
    private record Item(String name, Role role, LaidProduct laid) {}

    private static final List<Item> KIT = kit();

    private static List<Item> kit() {
        List<Item> kit = new ArrayList<>();
        for (Map<String, String> row : Golden.rows("roles/kit.csv")) {
            Lab colour = Lab.of(number(row, "L"), number(row, "a"), number(row, "b"));
            kit.add(new Item(
                    row.get("name"),
                    Role.valueOf(row.get("role")),
                    LaidProduct.of(
                            Form.valueOf(row.get("form")),
                            colour,
                            number(row, "contrast_percent") / 100,
                            Traits.UNTOLD)));
        }
        return kit;
    }

    private static double number(Map<String, String> row, String column) {
        return Double.parseDouble(row.get(column));
    }

    private static Harmony<Item> on(Lab skin, RoleSkin.FeatureDepths features, RoleWish wish) {
        RoleSkin s = new RoleSkin(skin, skin, features, false);
        Map<Part, List<Item>> kit = new EnumMap<>(Part.class);
        for (Part p : Part.values()) {
            kit.put(p, KIT.stream().filter(i -> i.role() == p.role()).toList());
        }
        kit.put(Part.LINER, lines(Role.LINER));
        return new Harmony<>(new Harmony.Face(s, s.guessedLip()), wish, kit, Item::laid);
    }

    private static List<Item> lines(Role role) {
        List<Item> lines = new ArrayList<>();
        for (int l : new int[] {8, 18, 26, 32}) {
            lines.add(new Item("L" + l, role, LaidProduct.of(Form.PENCIL, Lab.of(l, 2, 2), .97, Traits.UNTOLD)));
        }
        return lines;
    }

    private static Harmony<Item> on(Lab skin) {
        return on(skin, RoleSkin.FeatureDepths.UNKNOWN, RoleWish.of(1));
    }

    /** What is proposed always looks right, and on deep skin it is never a pastel. */
    @Seeds(60)
    void whatBelongsTogetherLooksRightOnEverySkin(Draw draw) {
        Lab skin = RoleGaps.skin(draw.one(KitGaps.Lean.values()), draw.between(27, 80));
        Harmony<Item> h = on(skin);
        ColourFamily family = h.together().or(() -> h.alone(Part.LIP)).orElseThrow();
        for (Part part : List.of(Part.CHEEK, Part.LIP)) {
            for (RoleJudge.Judged<Item> j : h.fitting(part, family)) {
                assertThat(j.verdict().looks()).isEqualTo(Looks.FITS);
                assertThat(h.family(part, j.what())).isEqualTo(family);
            }
        }
        if (skin.lightness() < 40) {
            assertThat(family).isIn(ColourFamily.BERRY, ColourFamily.BRICK);
        }
        if (skin.lightness() > 75) {
            assertThat(family).isIn(ColourFamily.ROSE, ColourFamily.PEACH);
        }
    }

    @ParameterizedTest(name = "{3} cheeks on L* {0} pull {4}")
    @CsvSource({"35, 9, 11, ROSE", "35, 9, 11, PEACH", "78, 6, 9, BRICK"})
    void familiesThatPullAreNamedWithWhatTheyDo(double l, double a, double b, ColourFamily family) {
        Harmony.Option<Item> option = on(Lab.of(l, a, b)).options(Part.CHEEK).get(family.ordinal());
        assertThat(option.best()).isEmpty();
        assertThat(option.looks()).isNotNull().isNotEqualTo(Looks.FITS);
        assertThat(option.result()).isNotNull();
    }

    @Test
    void aFairFaceWithDarkFeaturesBearsMoreThanOneWithFairOnes() {
        Lab skin = Lab.of(74, 6.5, 10.7);
        RoleSkin.FeatureDepths dark = new RoleSkin.FeatureDepths(16.0, 14.0, 20.0);
        RoleSkin.FeatureDepths fair = new RoleSkin.FeatureDepths(60.0, 66.0, 50.0);
        Harmony<Item> strong = on(skin, dark, RoleWish.of(1));
        Harmony<Item> soft = on(skin, fair, RoleWish.of(1));
        assertThat(codes(strong)).contains(HarmonyCode.HIGH_CONTRAST);
        assertThat(codes(soft)).contains(HarmonyCode.LOW_CONTRAST);
        assertThat(codes(on(skin))).contains(HarmonyCode.CONTRAST_SUPPOSED);
        assertThat(best(strong, Part.CHEEK).verdict().result().differenceFrom(skin))
                .isGreaterThan(best(soft, Part.CHEEK).verdict().result().differenceFrom(skin));
        assertThat(strong.lines(Part.LINER, 70).get(0).what().name()).isEqualTo("L8");
        assertThat(soft.line(Part.LINER, lines(Role.LINER).get(0), 70).looks()).isEqualTo(Looks.TOO_STRONG);
    }

    private static RoleJudge.Judged<Item> best(Harmony<Item> h, Part part) {
        return h.fitting(part, null).get(0);
    }

    private static List<Enum<?>> codes(Harmony<Item> h) {
        return h.grounds().stream().<Enum<?>>map(Reason::code).toList();
    }

    @Test
    void aBrowIsAskedBesideTheHairOnly() {
        Lab skin = Lab.of(66, 9, 16);
        assertThat(on(skin).fitting(Part.BROW, null)).isEmpty();
        Harmony<Item> told =
                on(skin, RoleSkin.FeatureDepths.UNKNOWN, RoleWish.of(1).beside(HairTone.BROWN.colour()));
        assertThat(told.fitting(Part.BROW, null)).isNotEmpty();
    }

    @Test
    void whatALampTakesIsTheReferences() {
        int seen = 0;
        for (Map<String, String> row : Golden.rows("roles/golden_more.csv")) {
            if (!row.get("kind").equals("lamp")) {
                continue;
            }
            seen++;
            String[] l = row.get("skin").split(" ");
            Lab skin = Lab.of(Double.parseDouble(l[0]), Double.parseDouble(l[1]), Double.parseDouble(l[2]));
            Item item = KIT.stream()
                    .filter(i -> row.get("other").endsWith(i.name()) && i.role() == Role.valueOf(row.get("name")))
                    .max(java.util.Comparator.comparingInt(i -> i.name().length()))
                    .orElseThrow();
            Spectrum ground = LeastSlope.spectrumOf(skin).orElseThrow();
            double coats = Double.parseDouble(row.get("between").split(" ")[1]);
            Illuminant lamp = Illuminant.valueOf(row.get("setting").replace("_synthetic", ""));
            assertThat(LampFactor.of(ground, item.laid().laidOn(ground, coats, 0), lamp))
                    .as(row.toString())
                    .isCloseTo(Double.parseDouble(row.get("result").split(" ")[1]), within(.011));
        }
        assertThat(seen).isEqualTo(48);
    }

    /** A cool stain at contrast 0.25 over a warm lip: about 10° for each quarter coat. */
    @Test
    void aStainTurnsALipAsFarAsItIsWanted() {
        LaidProduct cool = LaidProduct.of(Form.LIQUID, Lab.of(44, 26, -10), .25, Traits.UNTOLD);
        Lab lip = Lab.ofLch(48, 28, 45);
        LipLayer little = LipLayer.of(cool, lip, -10).orElseThrow();
        LipLayer more = LipLayer.of(cool, lip, -20).orElseThrow();
        assertThat(little.turn()).isBetween(-14.0, -9.9);
        assertThat(more.coats()).isGreaterThan(little.coats());
        assertThat(LipLayer.of(cool, lip, 15)).as("it does not warm").isEmpty();
    }

    @Test
    void linesAreJudgedByTheBrows() {
        LineJudge.Line black = on(Lab.of(35, 9, 11), new RoleSkin.FeatureDepths(14.0, 14.0, 18.0), RoleWish.of(1))
                .line(Part.LINER, lines(Role.LINER).get(0), 33);
        assertThat(black.looks()).isEqualTo(Looks.FITS);
    }
}
