package scree.bench;

import static scree.bench.Bench.figure;
import static scree.bench.Bench.say;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import scree.core.colour.Lab;
import scree.core.face.FacePoints;
import scree.core.image.CardFinder;
import scree.core.image.PictureIntake;
import scree.core.image.PrintedCard;
import scree.core.image.Raster;
import scree.core.light.LightCode;
import scree.core.light.LightFigures;
import scree.core.light.LightJudge;
import scree.core.light.LightVerdict;
import scree.core.light.LightVerdict.Grade;
import scree.core.reason.Reason;
import scree.core.skin.Features;
import scree.core.skin.SkinReader;
import scree.core.skin.SkinScene;
import scree.core.skin.ZonesOnPoints;
import scree.standins.camera.Camera;
import scree.standins.camera.Lamp;
import scree.standins.camera.Lighting;
import scree.standins.camera.Portrait;
import scree.standins.camera.Shot;
import scree.standins.camera.Sitter;
import scree.standins.camera.Studio;
import scree.standins.camera.Trouble;

/** How often a light is told for what it is, on held-out sitters and evaluation cameras, from the picture alone. */
final class LightAccuracy {
    private static final int SITTERS = 10;
    private static final int WIDTH = 680;

    private record Told(String light, boolean right, double kelvinOff, boolean lampAbove) {
        boolean window() {
            return light.equals(WINDOW) || light.equals(SIDE);
        }
    }

    private static final String WINDOW = "facing a window";
    private static final String SIDE = "window at the side";

    void run() {
        List<Sitter> sitters = HeldOut.sitters(SITTERS);
        List<Told> told = IntStream.range(0, SITTERS)
                .parallel()
                .mapToObj(i -> of(sitters.get(i), i))
                .flatMap(List::stream)
                .toList();
        say(
                "light told from the picture with the card, %d held-out sitters, evaluation cameras, 8 lights each:",
                SITTERS);
        Map<String, int[]> byLight = new LinkedHashMap<>();
        told.forEach(t -> {
            int[] n = byLight.computeIfAbsent(t.light(), k -> new int[2]);
            n[0] += t.right() ? 1 : 0;
            n[1]++;
        });
        byLight.forEach((light, n) -> say("  %s: %d of %d", light, n[0], n[1]));
        double[] mired = told.stream()
                .mapToDouble(Told::kelvinOff)
                .filter(v -> v >= 0)
                .sorted()
                .toArray();
        long lamps = told.stream().filter(Told::window).filter(Told::lampAbove).count();
        long windows = told.stream().filter(Told::window).count();
        figure("lamp_above_wrong_percent", 100.0 * lamps / windows, "%");
        figure("light_told_percent", 100.0 * told.stream().filter(Told::right).count() / told.size(), "%");
        figure("lamp_guess_mired_median", mired[mired.length / 2], "mired");
    }

    private static List<Told> of(Sitter sitter, int i) {
        Lamp day = Lamp.daylight(5100 + 130 * i);
        Lamp warm = Lamp.led(2750 + 50 * i, 58);
        List<Told> all = new ArrayList<>();
        Portrait window = Studio.seat(sitter, Lighting.facingWindow(), WIDTH);
        all.add(told(WINDOW, window, day, Trouble.NONE, null, i));
        all.add(told("warm lamp", window, warm, Trouble.NONE, LightCode.WARM_LAMP, i));
        all.add(told("lamp and window", window, day, Trouble.secondLamp(warm, .5), LightCode.TWO_COLOURS, i));
        all.add(told("window behind", window, day, Trouble.litFromBehind(2.6), LightCode.FROM_BEHIND, i));
        all.add(told(
                "coloured wall", window, day, Trouble.colouredWall(Lab.of(52, 34, 22)), LightCode.COLOURED_WALL, i));
        all.add(told("worked over", window, day, Trouble.workedOverBy(.5), LightCode.WORKED_OVER, i));
        Portrait side = Studio.seat(sitter, Lighting.sideWindow(), WIDTH);
        all.add(told(SIDE, side, day, Trouble.NONE, LightCode.FROM_ONE_SIDE, i));
        Portrait above = Studio.seat(sitter, Lighting.lampAbove(), WIDTH);
        all.add(told("lamp above", above, day, Trouble.NONE, LightCode.FROM_ABOVE, i));
        return all;
    }

    private static Told told(String name, Portrait portrait, Lamp lamp, Trouble trouble, LightCode expected, int i) {
        Camera camera = new Camera(Camera.Family.EVALUATION, 300 + i);
        Raster picture = PictureIntake.read(
                PictureIntake.encodeJpeg(portrait.shoot(camera, lamp, Shot.withCard(i), trouble), .92f));
        FacePoints points = portrait.facePoints();
        SkinScene scene = new SkinScene(
                ZonesOnPoints.frame(points),
                ZonesOnPoints.outlines(points),
                List.of(),
                Features.of(points),
                PrintedCard.design(),
                Optional.empty());
        LightFigures light =
                SkinReader.read(picture, CardFinder.find(picture), scene).light();
        LightVerdict verdict = LightJudge.judge(light, null);
        boolean right = expected == null
                ? verdict.grade() == Grade.GOOD
                : verdict.reasons().stream().map(Reason::code).anyMatch(c -> c == expected);
        boolean plain = trouble == Trouble.NONE && light.kelvin() != null;
        double off = plain
                ? Math.abs(1e6 / light.kelvin() - 1e6 / lamp.chromaticity().mcCamyKelvin())
                : -1;
        boolean lampAbove = verdict.reasons().stream()
                .map(Reason::code)
                .anyMatch(c -> c == LightCode.FROM_ABOVE || c == LightCode.NOSE_SHADOW);
        return new Told(name, right, off, lampAbove);
    }
}
