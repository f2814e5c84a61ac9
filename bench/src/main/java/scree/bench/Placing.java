package scree.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import scree.core.colour.Lab;
import scree.core.cover.Bears;
import scree.core.cover.CoverPlan;
import scree.core.cover.Layer;
import scree.core.cover.Place;
import scree.core.cover.Ware;
import scree.core.face.FacePoints;
import scree.core.face.FaceReading;
import scree.core.face.LevelledFace;
import scree.core.image.Raster;
import scree.core.judge.LaidProduct;
import scree.core.judge.RoleSkin;
import scree.core.judge.RoleWish;
import scree.core.method.PlacementMethod;
import scree.core.placement.Covered;
import scree.core.placement.Dose;
import scree.core.placement.FaceBrief;
import scree.core.placement.MadeUp;
import scree.core.placement.Piece;
import scree.core.placement.PlacedZone;
import scree.core.placement.Plan;
import scree.core.placement.Planner;
import scree.core.plane.Vec;
import scree.core.shade.Form;
import scree.core.shade.Role;
import scree.core.shade.Traits;
import scree.core.shade.UsualCoat;
import scree.core.skin.FaceFrame;
import scree.core.skin.FreeSpot;
import scree.core.skin.SkinType;
import scree.core.skin.Zone;
import scree.core.skin.ZoneOutline;
import scree.core.skin.ZonesOnPoints;
import scree.standins.camera.Camera;
import scree.standins.camera.Ensemble;
import scree.standins.camera.Lamp;
import scree.standins.camera.Lighting;
import scree.standins.camera.Shot;
import scree.standins.camera.Studio;

/** Points to reading to plan to SVG paths; and the made-up picture of 1200 by 1500. */
@State(Scope.Thread)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 8, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class Placing {
    private static final int WIDTH = 1200;
    private FacePoints points;
    private Raster bare;
    private LevelledFace face;
    private MadeUp.Skin skin;
    private List<MadeUp.Layer> layers;
    private List<Covered> covered;

    @Setup
    public void seat() {
        var sitter = Ensemble.all().get(4);
        points = Studio.points(sitter, WIDTH);
        face = LevelledFace.of(points);
        bare = Studio.seat(sitter, Lighting.facingWindow(), WIDTH)
                .shoot(Camera.quiet(5), Lamp.daylight(5600), Shot.withCard(1));
        LaidProduct base = LaidProduct.of(Form.LIQUID, sitter.skin(), .75, Traits.UNTOLD);
        skin = new MadeUp.Skin(sitter.skin(), base, false);
        Lab s = sitter.skin();
        layers = plan().zones().stream().map(z -> layer(z, s)).toList();
        covered = covered(s);
    }

    /** Both cheeks, both under-eyes and three spots. */
    private List<Covered> covered(Lab s) {
        Ware<String> own = new Ware<>("base", "base", Role.BASE, Form.LIQUID, UsualCoat.of(Form.LIQUID, s, .75));
        Ware<String> peach = new Ware<>(
                "peach", "peach", Role.CORRECTOR, Form.CREAM, UsualCoat.of(Form.CREAM, Lab.of(72, 16, 24), .8));
        Lab red = Lab.of(s.lightness() - 6, s.a() + 6, s.b());
        Place<String> place = Place.of(red, s, own, 1, Bears.FACE);
        CoverPlan<String> plan = CoverPlan.of(place, List.of(new Layer<>(peach, .5)), List.of(new Layer<>(own, 1)));
        FaceFrame frame = ZonesOnPoints.frame(points);
        List<Covered> all = new ArrayList<>();
        for (ZoneOutline o : ZonesOnPoints.outlines(points)) {
            if (o.zone() == Zone.CHEEK || o.zone() == Zone.UNDER_EYE) {
                all.add(new Covered(o.polygon(frame), Covered.ZONE, false, plan));
            }
        }
        for (int i = 0; i < 3; i++) {
            FreeSpot spot = new FreeSpot(i + 1, FreeSpot.Kind.BLEMISH, -.4 + .4 * i, 1.3, .045);
            all.add(new Covered(spot.polygon(frame, 1), Covered.SPOT, false, plan));
        }
        return all;
    }

    private MadeUp.Layer layer(PlacedZone zone, Lab s) {
        double lighter = switch (zone.area().family()) {
            case SHADOW -> -24;
            case LIGHT, SHEEN, POWDER -> 16;
            default -> -12;
        };
        LaidProduct laid =
                LaidProduct.of(Form.CREAM, Lab.of(s.lightness() + lighter, s.a() + 2, s.b()), .7, Traits.UNTOLD);
        return MadeUp.Layer.of(
                zone,
                laid,
                Dose.of(laid, RoleSkin.bare(s), RoleWish.of(1), zone).coats());
    }

    private Plan plan() {
        FaceReading reading = FaceReading.of(points);
        return Planner.plan(
                FaceBrief.of(points, reading, java.util.Set.of(), 33, SkinType.NORMAL), PlacementMethod.usual());
    }

    @Benchmark
    public int pointsToSvg() {
        StringBuilder svg = new StringBuilder("<svg xmlns='http://www.w3.org/2000/svg'>");
        for (PlacedZone zone : plan().zones()) {
            for (Piece piece : zone.pieces()) {
                svg.append("<path d='");
                char step = 'M';
                for (Vec v : piece.edge()) {
                    var p = face.toPicture(v);
                    svg.append(step)
                            .append(Math.round(10 * p.x()) / 10.0)
                            .append(' ')
                            .append(Math.round(10 * p.y()) / 10.0);
                    step = 'L';
                }
                svg.append("Z'/>");
            }
        }
        return svg.append("</svg>").length();
    }

    @Benchmark
    public Raster preview() {
        return MadeUp.over(bare, face, skin, covered, layers, MadeUp.Light.DAYLIGHT);
    }
}
