package scree.core.judge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import scree.core.Golden;
import scree.core.colour.Lab;
import scree.core.shade.Form;
import scree.core.shade.Role;
import scree.core.shade.Sheen;
import scree.core.shade.Traits;
import scree.core.shade.UsualCoat;
import scree.core.skin.ReferenceCurve;
import scree.seeded.Draw;
import scree.seeded.Seeds;

/** Roles judged as an independent reference in another language judges them; and as an artist would. */
class RoleJudgeTest {
    private static Lab lab(Map<String, String> row, String prefix) {
        return Lab.of(
                Double.parseDouble(row.get(prefix + "L")),
                Double.parseDouble(row.get(prefix + "A")),
                Double.parseDouble(row.get(prefix + "B")));
    }

    private static Map<String, String> options(String text) {
        Map<String, String> options = new HashMap<>();
        for (String option : text.split(";")) {
            if (!option.isBlank()) {
                options.put(option.split("=")[0], option.split("=")[1]);
            }
        }
        return options;
    }

    @Test
    void everyVerdictIsTheReferences() {
        List<String> parted = new ArrayList<>();
        int seen = 0;
        for (Map<String, String> row : Golden.rows("roles/golden.csv")) {
            seen++;
            Map<String, String> options = options(row.get("options"));
            RoleWish wish = RoleWish.of(Double.parseDouble(options.getOrDefault("strength", "1")));
            if (options.containsKey("flash")) {
                wish = wish.inFlash();
            }
            RoleSkin skin = new RoleSkin(
                    lab(row, "skin"),
                    lab(row, "ground"),
                    RoleSkin.FeatureDepths.UNKNOWN,
                    row.get("place").equals("under_eye"));
            Sheen sheen = row.get("sheenL").isEmpty()
                    ? null
                    : new Sheen(lab(row, "sheen"), Double.parseDouble(row.get("glint")));
            LaidProduct product = LaidProduct.of(
                    Form.valueOf(row.get("form")),
                    lab(row, "prod"),
                    Double.parseDouble(row.get("contrast")),
                    Traits.UNTOLD.with(sheen).minerals(Double.parseDouble(row.get("mineral"))));
            RoleJudge judge = new RoleJudge(Role.valueOf(row.get("role")), skin, wish);
            String coats = options.get("coats");
            Verdict v = coats == null ? judge.judge(product) : judge.judge(product, Double.parseDouble(coats));
            double off = Math.max(
                    v.result().differenceFrom(lab(row, "res")),
                    Math.abs(v.score() - Double.parseDouble(row.get("score"))));
            boolean same = v.looks().name().equals(row.get("verdict"))
                    && Math.abs(v.coats() - Double.parseDouble(row.get("coats"))) < 1e-6
                    && off < .02
                    && v.target().differenceFrom(lab(row, "target")) < .02;
            if (!same) {
                parted.add(row.get("id") + " " + row.get("role") + " " + row.get("verdict") + " " + row.get("score")
                        + " " + row.get("coats") + " is " + v);
            }
        }
        assertThat(seen).isEqualTo(393);
        assertThat(parted).isEmpty();
    }

    private static Lab numbers(String text) {
        double[] v = Arrays.stream(text.strip().split(" "))
                .mapToDouble(Double::parseDouble)
                .toArray();
        return Lab.of(v[0], v[1], v[2]);
    }

    /** Such as "corrector 74.00 16.00 22.00 cr 0.60 concealer 66.00 9.00 15.00 cr 0.90". */
    private static UsualCoat coat(String text, String of) {
        String[] words = text.substring(text.indexOf(of)).split(" ");
        return UsualCoat.of(
                Form.CREAM,
                Lab.of(Double.parseDouble(words[1]), Double.parseDouble(words[2]), Double.parseDouble(words[3])),
                Double.parseDouble(words[5]));
    }

    private static String after(String text, String word) {
        return text.substring(text.indexOf(word + " ") + word.length() + 1).split(" ")[0];
    }

    @Test
    void correctorAndConcealerAreTheReferences() {
        int seen = 0;
        for (Map<String, String> row : Golden.rows("roles/golden_more.csv")) {
            if (!row.get("kind").equals("cover") || row.get("between").isEmpty()) {
                continue;
            }
            seen++;
            Correction c = Correction.of(
                    numbers(row.get("other")),
                    numbers(row.get("skin")),
                    coat(row.get("between"), "corrector"),
                    coat(row.get("between"), "concealer"));
            String result = row.get("result");
            assertThat(c.looks().name() + " nc " + c.corrector() + " nk " + c.concealer())
                    .as(row.toString())
                    .isEqualTo(result.substring(0, result.indexOf(" result")));
            assertThat(c.score()).as(row.toString()).isCloseTo(Double.parseDouble(after(result, "score")), within(.01));
        }
        assertThat(seen).isEqualTo(40);
    }

    @Test
    void linesAreTheReferences() {
        int seen = 0;
        for (Map<String, String> row : Golden.rows("roles/golden_more.csv")) {
            if (!row.get("kind").equals("line")) {
                continue;
            }
            seen++;
            double skin = Double.parseDouble(row.get("skin").split(" ")[2]);
            double brow = Double.parseDouble(row.get("skin").split(" ")[5]);
            RoleSkin s = new RoleSkin(
                    ReferenceCurve.at(skin),
                    ReferenceCurve.at(skin),
                    new RoleSkin.FeatureDepths(brow, null, null),
                    false);
            LineJudge.Line line = LineJudge.of(
                    Role.valueOf(row.get("name")),
                    s,
                    Double.parseDouble(row.get("other").split(" ")[2]),
                    row.get("between").isEmpty() && row.get("setting").equals("evening")
                            || row.get("setting").equals("evening"),
                    skin);
            assertThat(line.looks().name())
                    .as(row.toString())
                    .isEqualTo(row.get("result").split(" ")[0]);
        }
        assertThat(seen).isEqualTo(80);
    }

    @Test
    void aPastelBlushOnDeepSkinIsChalkyAndAWhitePowderFlashesBack() {
        RoleSkin deep = RoleSkin.bare(Lab.of(35, 9, 11));
        LaidProduct pastel = LaidProduct.of(Form.CREAM, Lab.of(66, 28, 10), .4, Traits.UNTOLD);
        assertThat(new RoleJudge(Role.BLUSH, deep, RoleWish.of(.8))
                        .judge(pastel)
                        .looks())
                .isEqualTo(Looks.CHALKY);
        LaidProduct white = LaidProduct.of(Form.POWDER, Lab.of(95, 0, 1), .03, Traits.UNTOLD.minerals(.45));
        assertThat(new RoleJudge(Role.POWDER, deep, RoleWish.of(1).inFlash())
                        .judge(white)
                        .fits())
                .isFalse();
    }

    @Test
    void whatIsNotJudgedByColourIsRefusedWithAReason() {
        RoleSkin skin = RoleSkin.bare(Lab.of(60, 10, 16));
        assertThatThrownBy(() -> new RoleJudge(Role.TOOL, skin, RoleWish.of(1)))
                .hasMessageContaining("TOOL is not judged");
        assertThatThrownBy(() -> new RoleJudge(Role.BROW, skin, RoleWish.of(1)))
                .hasMessageContaining("read its colour first");
    }

    @Test
    void aGlintAddsAsMuchLightAsItsSheenSays() {
        Sheen sheen = new Sheen(Lab.of(80, 4, 20), .08);
        Lab skin = ReferenceCurve.at(35);
        Lab colour = Lab.of(60, 12, 18);
        double plain = LaidProduct.of(Form.POWDER, colour, .06, Traits.UNTOLD)
                .glintOn(skin)
                .toXyz()
                .y();
        double glint = LaidProduct.of(Form.POWDER, colour, .06, Traits.UNTOLD.with(sheen))
                .glintOn(skin)
                .toXyz()
                .y();
        assertThat(glint - plain).isCloseTo(.08, within(.001));
    }

    /** Of many only a few are judged at every dose, and the best is among them. */
    @Seeds(12)
    void theBestOfManyIsTheFirstOfAll(Draw draw) {
        List<LaidProduct> kit = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            double l = draw.between(26, 80);
            Lab colour = Lab.of(l, draw.between(10, 26), draw.between(4, 22));
            kit.add(LaidProduct.of(Form.CREAM, colour, draw.between(.1, .5), Traits.UNTOLD));
        }
        RoleSkin skin = RoleSkin.bare(ReferenceCurve.at(draw.between(30, 78)));
        RoleJudge judge = new RoleJudge(Role.BLUSH, skin, RoleWish.of(.8));
        Verdict first = judge.rank(kit, p -> p).get(0).verdict();
        Verdict best = judge.best(kit, p -> p).orElseThrow().verdict();
        assertThat(best.fits()).isEqualTo(first.fits());
        assertThat(best.score()).isCloseTo(first.score(), within(1e-9));
    }
}
