package scree.app.face;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDateTime;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import scree.app.Sentences;
import scree.app.picture.Picture;
import scree.core.face.FacePoints;
import scree.core.face.FaceReading;
import scree.core.face.Glance;
import scree.core.face.Landmark;
import scree.core.face.Measure;
import scree.core.face.PointKey;
import scree.core.face.PointState;
import scree.core.face.Shape;
import scree.core.face.Tick;
import scree.core.face.Trait;
import scree.standins.camera.Ensemble;
import scree.standins.camera.Studio;

/** What the Face page shows of the twelve faces of the ensemble. */
class FaceViewTest {
    private static final int PICTURE_WIDTH = 1000;
    private static final Picture PICTURE = new Picture(3, 5, PICTURE_WIDTH, 1250, "0".repeat(64));
    private static final FaceWords WORDS = words();

    private static FaceWords words() {
        return new FaceWords(Sentences.all());
    }

    private static FacePoints points(int sitter) {
        return Studio.points(Ensemble.all().get(sitter), PICTURE_WIDTH);
    }

    private static FacePoints guessed(FacePoints points) {
        return FacePoints.of(PointKey.all().stream()
                .map(k -> new FacePoints.Mark(points.at(k).at(), PointState.GUESSED))
                .toList());
    }

    private static FaceSheet sheet(FacePoints points) {
        return FaceSheet.start(3, FaceSheet.Found.MESH, points, null);
    }

    private static FaceView view(FaceSheet sheet, FacePoints points) {
        TakenFace face = new TakenFace(sheet, points, FaceReading.of(points), 1, true, false);
        return FaceView.of(face, PICTURE, Optional.of(.4), false, WORDS);
    }

    private static FaceView view(FacePoints points) {
        return view(sheet(points), points);
    }

    // ---- on the picture ----

    @ParameterizedTest
    @ValueSource(ints = {0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11})
    void everyPointLiesWithinTheDrawing(int sitter) {
        FaceView view = view(points(sitter));
        assertThat(view.dots()).hasSize(PointKey.all().size());
        assertThat(view.dots()).extracting(FaceView.Dot::name).doesNotHaveDuplicates();
        assertThat(view.dots()).allSatisfy(d -> {
            assertThat(d.x()).isBetween(0.0, (double) FaceView.WIDTH);
            assertThat(d.y()).isBetween(0.0, (double) FaceView.HEIGHT);
        });
    }

    /** Thirds add up to the face, and the lines across end in figures that fit beside it. */
    @ParameterizedTest
    @ValueSource(ints = {0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11})
    void theProportionsAreWrittenBesideTheFace(int sitter) {
        FaceView view = view(points(sitter));
        assertThat(view.guides())
                .extracting(FaceView.Guide::kind)
                .containsExactly("thirds", "fifths", "widths", "axes");
        FaceView.Guide thirds = view.guides().get(0);
        int sum = thirds.labels().stream()
                .mapToInt(l -> Integer.parseInt(l.text().replace(" %", "")))
                .sum();
        assertThat(sum).isBetween(99, 101);
        assertThat(thirds.labels().stream().map(FaceView.Label::y)).isSorted();
        assertThat(view.guides().get(1).labels().stream().map(FaceView.Label::x))
                .isSorted();
        assertThat(view.guides())
                .flatExtracting(FaceView.Guide::labels)
                .allSatisfy(l -> assertThat(l.x()).isBetween(0.0, (double) FaceView.WIDTH));
        assertThat(view.guides())
                .allSatisfy(g -> assertThat(g.path()).startsWith("M").doesNotContain("NaN"));
    }

    // ---- one look at a time ----

    @ParameterizedTest
    @EnumSource(Glance.class)
    void aLookShowsItsPointsEnlarged(Glance look) {
        FacePoints open = guessed(points(2));
        for (Glance before : Glance.values()) {
            if (before.ordinal() < look.ordinal()) {
                open = open.confirmed(before);
            }
        }
        FaceView view = view(open);
        assertThat(view.asked().look()).isEqualTo(look.name());
        assertThat(view.asked().left()).isEqualTo(Glance.values().length - look.ordinal());
        List<FaceView.Dot> asked =
                view.dots().stream().filter(FaceView.Dot::asked).toList();
        assertThat(asked)
                .isNotEmpty()
                .allSatisfy(d -> assertThat(view.asked().parts()).as(d.name()).anySatisfy(part -> {
                    assertThat(d.x()).isBetween(part.x(), part.x() + part.width());
                    assertThat(d.y()).isBetween(part.y(), part.y() + part.height());
                }));
        assertThat(view.asked().parts()).allSatisfy(part -> {
            assertThat((double) part.shownWidth() / part.shownHeight())
                    .isCloseTo(part.width() / part.height(), within(.05));
            assertThat(part.shownHeight()).isLessThanOrEqualTo(132);
        });
        assertThat(view.asked().parts().stream()
                        .mapToInt(FaceView.Enlarged::shownWidth)
                        .sum())
                .isLessThanOrEqualTo(431);
    }

    @Test
    void whenEveryLookWasTakenNothingIsAskedAndTheNameStands() {
        FacePoints seen = points(1);
        for (Glance look : Glance.values()) {
            seen = seen.confirmed(look);
        }
        FaceView view = view(seen);
        assertThat(view.asked()).isNull();
        assertThat(view.sure()).isTrue();
        assertThat(view.dots()).noneMatch(FaceView.Dot::asked);
        FaceView before = view(guessed(points(1)));
        assertThat(before.sure()).isFalse();
        assertThat(before.settled()).isNotEqualTo(view.settled());
    }

    // ---- among the shapes ----

    /** The darker the stone the more of its shape there is, and the face lies where they pull it. */
    @ParameterizedTest
    @ValueSource(ints = {0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11})
    void theFaceLiesAmongTheShapesThatItHas(int sitter) {
        FaceView view = view(points(sitter));
        List<ShapeField.Stone> stones = view.field().stones();
        assertThat(stones).hasSize(Shape.values().length);
        assertThat(stones.stream().mapToInt(ShapeField.Stone::percent).sum()).isBetween(96, 104);
        List<ShapeField.Stone> dark = stones.stream()
                .sorted(Comparator.comparingDouble(ShapeField.Stone::opacity).reversed())
                .toList();
        assertThat(dark.get(0).lead()).isTrue();
        assertThat(stones.stream().filter(ShapeField.Stone::lead)).hasSize(1);
        assertThat(view.field().x())
                .isBetween(
                        stones.stream().mapToDouble(ShapeField.Stone::x).min().orElseThrow(),
                        stones.stream().mapToDouble(ShapeField.Stone::x).max().orElseThrow());
        assertThat(view.field().own()).startsWith("M").endsWith("Z").doesNotContain("NaN");
    }

    // ---- the artist's word ----

    @Test
    void theArtistsShapeGoesOverTheReadingWhichStaysReadable() {
        FacePoints points = points(4);
        FaceView read = view(points);
        FaceView ruled = view(
                sheet(points).ruled(new FaceSheet.ShapeRuling(Shape.DIAMOND, "Runa Vestby", LocalDateTime.MIN)),
                points);
        assertThat(ruled.ruled()).isEqualTo("DIAMOND");
        assertThat(ruled.verdict()).contains("iamond").isNotEqualTo(read.verdict());
        assertThat(ruled.read()).isNotBlank();
        assertThat(read.read()).isNull();
    }

    @ParameterizedTest
    @EnumSource(Trait.class)
    void everyTraitIsEitherListedOrMayBeNamed(Trait trait) {
        FacePoints points = points(6);
        FaceView view = view(points);
        assertThat(view.findings().stream().anyMatch(f -> f.trait().equals(trait.name())))
                .isNotEqualTo(view.quiet().stream().anyMatch(f -> f.trait().equals(trait.name())));
        FaceView ruled = view(
                sheet(points)
                        .ruled(
                                trait,
                                new FaceSheet.TraitRuling(
                                        FaceSheet.TraitRuling.Say.HIGH, "Bea Ottesen", LocalDateTime.MIN)),
                points);
        assertThat(ruled.findings()).anySatisfy(f -> {
            assertThat(f.trait()).isEqualTo(trait.name());
            assertThat(f.said()).isEqualTo("HIGH");
            assertThat(f.saidBy()).contains("Bea").doesNotContain("Ottesen");
        });
    }

    @Test
    void whatIsTickedIsCountedAndAnotherPictureIsWarnedOf() {
        FacePoints points = points(3);
        FaceSheet ticked = sheet(points).ticked(Tick.JOWL).ticked(Tick.FRINGE).ticked(Tick.JOWL);
        TakenFace face = new TakenFace(ticked, points, FaceReading.of(points), 1, false, true);
        FaceView view = FaceView.of(face, PICTURE, Optional.empty(), true, WORDS);
        assertThat(view.ticked()).isEqualTo(1);
        assertThat(view.ticks().stream().filter(FaceView.TickBox::on).map(FaceView.TickBox::key))
                .containsExactly("FRINGE");
        assertThat(view.warnings()).isNotEmpty();
        assertThat(view.scale()).isNull();
        assertThat(view.undoable()).isFalse();
        assertThat(view.redoable()).isTrue();
        assertThat(view(points).warnings()).isEmpty();
        assertThat(view(points).scale()).contains(String.valueOf(Math.round(points.unit() * .4)));
    }

    @Test
    void everyMeasureIsListedWithItsDoubtAndAngleInDegrees() {
        FaceView view = view(points(0));
        assertThat(view.rows()).hasSize(Measure.values().length);
        assertThat(view.rows()).allSatisfy(r -> assertThat(r.doubt()).startsWith("± "));
        Map<Boolean, List<FaceView.Row>> byDegrees = view.rows().stream()
                .collect(Collectors.partitioningBy(r -> r.value().endsWith("°")));
        assertThat(byDegrees.get(true)).hasSize(3);
        assertThat(Set.copyOf(view.rows())).hasSize(view.rows().size());
        assertThat(view.edge()).startsWith("M");
        assertThat(view.dots().stream().filter(FaceView.Dot::edge)).hasSize((int) PointKey.all().stream()
                .map(PointKey::landmark)
                .filter(Landmark::onEdge)
                .count());
    }
}
