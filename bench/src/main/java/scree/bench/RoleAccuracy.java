package scree.bench;

import static scree.bench.Bench.figure;
import static scree.bench.Bench.say;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import scree.core.colour.Lab;
import scree.core.face.FacePoints;
import scree.core.face.FaceReading;
import scree.core.face.Landmark;
import scree.core.face.LevelledFace;
import scree.core.face.Side;
import scree.core.image.Point;
import scree.core.judge.LaidProduct;
import scree.core.judge.Looks;
import scree.core.judge.RoleJudge;
import scree.core.judge.RoleSkin;
import scree.core.judge.RoleWish;
import scree.core.judge.Verdict;
import scree.core.method.Aim;
import scree.core.method.PlacementMethod;
import scree.core.placement.Dose;
import scree.core.placement.FaceBrief;
import scree.core.placement.Family;
import scree.core.placement.PlacedZone;
import scree.core.placement.Planner;
import scree.core.plane.Vec;
import scree.core.shade.Form;
import scree.core.shade.Role;
import scree.core.shade.Sheen;
import scree.core.shade.Traits;
import scree.core.skin.SkinType;
import scree.standins.camera.Ensemble;
import scree.standins.camera.Lighting;
import scree.standins.camera.Portrait;
import scree.standins.camera.Sitter;
import scree.standins.camera.Studio;

/** How colour is judged by role: against worked-out verdicts, and on the twelve sitters' plans. */
final class RoleAccuracy {
    private static final int WIDTH = 720;

    private record Item(String name, Role role, LaidProduct laid) {}

    void run() throws IOException {
        verdicts();
        lights();
    }

    private static double number(Map<String, String> row, String column) {
        String v = row.get(column);
        return v.isEmpty() ? 0 : Double.parseDouble(v);
    }

    private static Lab lab(Map<String, String> row, String of) {
        return Lab.of(number(row, of + "L"), number(row, of + "A"), number(row, of + "B"));
    }

    private static void verdicts() throws IOException {
        int right = 0;
        List<Map<String, String>> rows = Rows.of("roles/golden.csv");
        for (Map<String, String> row : rows) {
            RoleWish wish = RoleWish.of(1);
            Double coats = null;
            for (String option : row.get("options").split(";")) {
                String[] of = option.split("=");
                if (of[0].equals("strength")) {
                    wish = wish.at(Double.parseDouble(of[1]));
                } else if (of[0].equals("flash")) {
                    wish = wish.inFlash();
                } else if (of[0].equals("coats")) {
                    coats = Double.parseDouble(of[1]);
                }
            }
            RoleSkin skin = new RoleSkin(
                    lab(row, "skin"),
                    lab(row, "ground"),
                    RoleSkin.FeatureDepths.UNKNOWN,
                    row.get("place").equals("under_eye"));
            Sheen sheen = row.get("sheenL").isEmpty() ? null : new Sheen(lab(row, "sheen"), number(row, "glint"));
            LaidProduct product = LaidProduct.of(
                    Form.valueOf(row.get("form")),
                    lab(row, "prod"),
                    number(row, "contrast"),
                    Traits.UNTOLD.with(sheen).minerals(number(row, "mineral")));
            RoleJudge judge = new RoleJudge(Role.valueOf(row.get("role")), skin, wish);
            Verdict v = coats == null ? judge.judge(product) : judge.judge(product, coats);
            right += v.looks().name().equals(row.get("verdict")) ? 1 : 0;
        }
        say("verdicts on %d worked-out cases of ten roles, another implementation's", rows.size());
        figure("role_verdicts_percent", 100.0 * right / rows.size(), "%");
    }

    private static List<Item> kit() throws IOException {
        List<Item> kit = new ArrayList<>();
        for (Map<String, String> row : Rows.of("roles/kit.csv")) {
            Sheen sheen = row.get("sheenL").isEmpty()
                    ? null
                    : new Sheen(
                            Lab.of(number(row, "sheenL"), number(row, "sheenA"), number(row, "sheenB")),
                            number(row, "glint_Y_per_coat"));
            kit.add(new Item(
                    row.get("name"),
                    Role.valueOf(row.get("role")),
                    LaidProduct.of(
                            Form.valueOf(row.get("form")),
                            Lab.of(number(row, "L"), number(row, "a"), number(row, "b")),
                            number(row, "contrast_percent") / 100,
                            Traits.UNTOLD.with(sheen))));
        }
        return kit;
    }

    /** Every zone of every aim on the twelve: what is worn, and whether it turns ashy, grey, chalky or orange. */
    private static void lights() throws IOException {
        List<Item> kit = kit();
        int zones = 0;
        int bare = 0;
        int ashy = 0;
        int wrong = 0;
        for (Sitter sitter : Ensemble.all()) {
            Portrait portrait = Studio.seat(sitter, Lighting.facingWindow(), WIDTH);
            FacePoints points = portrait.facePoints();
            RoleSkin skin = RoleSkin.bare(jawAndNeck(portrait, LevelledFace.of(points)));
            for (Family family : Family.values()) {
                Role role = family.wants();
                Optional<RoleJudge.Judged<Item>> best = new RoleJudge(role, skin, RoleWish.usual(role))
                        .best(kit.stream().filter(i -> i.role() == role).toList(), Item::laid)
                        .filter(j -> j.verdict().fits());
                for (Aim aim : Aim.values()) {
                    for (PlacedZone zone : zones(points, sitter, aim, family)) {
                        zones++;
                        if (best.isEmpty()) {
                            bare++;
                            continue;
                        }
                        Looks looks = Dose.of(best.get().what().laid(), skin, RoleWish.of(1), zone)
                                .verdict()
                                .looks();
                        boolean grey = looks == Looks.ASHY || looks == Looks.GREY || looks == Looks.CHALKY;
                        ashy += family == Family.LIGHT && grey ? 1 : 0;
                        wrong += looks == Looks.FITS ? 0 : 1;
                    }
                }
            }
        }
        say(
                "zones of twelve sitters in seven aims with the worked-out kit: %d, without a fitting product %d; simulated",
                zones, bare);
        figure("ashy_lights", ashy, "zones");
        figure("zones_not_right_percent", 100.0 * wrong / zones, "%");
    }

    private static List<PlacedZone> zones(FacePoints points, Sitter sitter, Aim aim, Family family) {
        FaceBrief brief = FaceBrief.of(points, FaceReading.of(points), Set.of(), sitter.age(), SkinType.COMBINATION);
        return Planner.plan(brief, PlacementMethod.usual().withAim(aim)).zones().stream()
                .filter(z -> z.area().family() == family)
                .toList();
    }

    private static Lab jawAndNeck(Portrait portrait, LevelledFace face) {
        Lab neck = patch(portrait, face, face.at(Landmark.CHIN).plus(-.1, .38));
        Lab jaw = patch(portrait, face, face.at(Landmark.CHEEK, Side.LEFT).plus(-.32, .45));
        return Lab.of((neck.lightness() + jaw.lightness()) / 2, (neck.a() + jaw.a()) / 2, (neck.b() + jaw.b()) / 2);
    }

    private static Lab patch(Portrait portrait, LevelledFace face, Vec at) {
        Point p = face.toPicture(at);
        double half = .08 * face.unit();
        return portrait.trueColour(
                List.of(p.plus(-half, -half), p.plus(half, -half), p.plus(half, half), p.plus(-half, half)));
    }
}
