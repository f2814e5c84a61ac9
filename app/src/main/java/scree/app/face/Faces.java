package scree.app.face;

import com.github.benmanes.caffeine.cache.Cache;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import scree.app.memory.Memories;
import scree.app.picture.Picture;
import scree.app.picture.Pictures;
import scree.app.sitting.Sitting;
import scree.app.sitting.Steps;
import scree.app.studio.Member;
import scree.app.studio.StudioId;
import scree.app.studio.StudioTime;
import scree.app.web.NotHere;
import scree.core.face.FacePoints;
import scree.core.face.FaceReading;
import scree.core.face.Glance;
import scree.core.face.HeadTurn;
import scree.core.face.PointKey;
import scree.core.face.Shape;
import scree.core.face.Tick;
import scree.core.face.Trait;
import scree.core.image.CardFinder;
import scree.core.image.CardSighting;
import scree.core.image.Point;
import scree.core.mesh.HeadMesh;
import scree.core.mesh.Pose;
import scree.core.placement.FaceBrief;
import scree.core.skin.SkinType;

/** Keeps the points of a sitting's face and reads them; every change is a step that can be undone. */
@Service
public class Faces {
    /** Scales of recent pictures are kept: looking for the card takes longer than measuring the face. */
    private static final int SCALES_KEPT = 50;

    private static final int FACES_KEPT = 50;

    private static final Steps.Kind<FaceSheet> KIND = new Steps.Kind<>("FACE", FaceSheet.class);

    private final Steps steps;
    private final Pictures pictures;
    private final FirstLookMapper looks;
    private final StudioTime time;
    private final TransactionTemplate transaction;
    private final ApplicationEventPublisher events;
    private final Cache<Long, Optional<Double>> scales;
    private final Cache<FaceSheet, FaceReading> read;

    /** Points lie on a picture where none lay; what is read from pictures can be read now. */
    public record Laid(StudioId studio, long sitting, long picture) {}

    Faces(
            Steps steps,
            Pictures pictures,
            FirstLookMapper looks,
            StudioTime time,
            TransactionTemplate transaction,
            ApplicationEventPublisher events,
            Memories memories) {
        this.transaction = transaction;
        this.events = events;
        this.scales = memories.keep("scales", SCALES_KEPT);
        this.read = memories.keep("faces", FACES_KEPT);
        this.steps = steps;
        this.pictures = pictures;
        this.looks = looks;
        this.time = time;
    }

    /** Returns the face, or empty while no points lie on the sitting's newest picture. */
    public Optional<TakenFace> of(StudioId studio, long sitting) {
        Optional<Steps.Present<FaceSheet>> present = steps.present(studio, sitting, KIND)
                .filter(p -> pictures.has(studio, p.state().pictureId()));
        return present.map(p -> {
            FacePoints points = p.state().facePoints();
            FaceReading reading = read.get(p.state(), sheet -> FaceReading.of(points, sheet.name()));
            return new TakenFace(p.state(), points, reading, p.seq(), p.undoable(), p.redoable());
        });
    }

    /** Returns whether points are stored that cannot be read; undoing the last step leads out of it. */
    public boolean unreadable(StudioId studio, long sitting) {
        return steps.unreadable(studio, sitting, KIND);
    }

    /** Returns the newest picture of a sitting. */
    public Optional<Picture> picture(StudioId studio, long sitting) {
        return Optional.ofNullable(pictures.latest(studio, List.of(sitting)).get(sitting));
    }

    /**
     * Lays the template by three taps.
     *
     * @throws scree.core.face.PointsRefused when they cannot be two pupils and a chin
     */
    public void template(Member me, long sitting, Point right, Point left, Point chin) {
        Picture picture = needPicture(me.studio(), sitting);
        FacePoints points = FacePoints.template(right, left, chin)
                .within(picture.width(), picture.height())
                .on(foundTurn(me.studio(), picture.id()));
        start(me, sitting, picture, FaceSheet.Found.TEMPLATE, points);
    }

    /** Returns how the head was found to be turned when the picture was first looked at, though a hand lays the points. */
    private HeadTurn foundTurn(StudioId studio, long picture) {
        FirstLookRow row = looks.of(studio, picture);
        try {
            return row == null || row.mesh() == null
                    ? HeadTurn.UNKNOWN
                    : HeadTurn.behind(Pose.of(HeadMesh.parse(row.mesh())));
        } catch (IllegalArgumentException unreadable) {
            return HeadTurn.UNKNOWN;
        }
    }

    /** Takes points that were laid elsewhere. */
    public void take(Member me, long sitting, FacePoints points, FaceSheet.Found found) {
        start(me, sitting, needPicture(me.studio(), sitting), found, points);
    }

    private void start(Member me, long sitting, Picture picture, FaceSheet.Found found, FacePoints points) {
        transaction.executeWithoutResult(status -> steps.begin(
                me, sitting, KIND, before -> named(FaceSheet.start(picture.id(), found, points, before.orElse(null)))));
        events.publishEvent(new Laid(me.studio(), sitting, picture.id()));
    }

    /** Moves a point by pixels of the picture; alike moves its partner too. */
    @Transactional
    public void move(Member me, long sitting, PointKey key, double dx, double dy, boolean alike) {
        change(me, sitting, sheet -> {
            Picture picture = pictures.get(me.studio(), sheet.pictureId());
            return sheet.with(sheet.facePoints().moved(key, dx, dy, alike).within(picture.width(), picture.height()));
        });
    }

    /** Confirms the guessed points of one look where they are. */
    @Transactional
    public void confirm(Member me, long sitting, Glance look) {
        change(me, sitting, sheet -> sheet.with(sheet.facePoints().confirmed(look)));
    }

    /** Ticks what was seen or felt, or takes the tick away. */
    @Transactional
    public void tick(Member me, long sitting, Tick tick) {
        change(me, sitting, sheet -> sheet.ticked(tick));
    }

    /** Sets the artist's word over the shape; null takes it away. */
    @Transactional
    public void rule(Member me, long sitting, Shape shape) {
        FaceSheet.ShapeRuling ruling =
                shape == null ? null : new FaceSheet.ShapeRuling(shape, me.name(), time.now(me.studio()));
        change(me, sitting, sheet -> sheet.ruled(ruling));
    }

    /** Sets the artist's word over a finding; null takes it away. */
    @Transactional
    public void rule(Member me, long sitting, Trait trait, FaceSheet.TraitRuling.Say say) {
        FaceSheet.TraitRuling ruling =
                say == null ? null : new FaceSheet.TraitRuling(say, me.name(), time.now(me.studio()));
        change(me, sitting, sheet -> sheet.ruled(trait, ruling));
    }

    /** Goes one step back. */
    @Transactional
    public void undo(StudioId studio, long sitting) {
        steps.undo(studio, sitting, KIND);
    }

    /** Goes one step forth again. */
    @Transactional
    public void redo(StudioId studio, long sitting) {
        steps.redo(studio, sitting, KIND);
    }

    private void change(Member me, long sitting, UnaryOperator<FaceSheet> by) {
        steps.change(me, sitting, KIND, Optional::empty, sheet -> named(by.apply(sheet)));
    }

    private static FaceSheet named(FaceSheet sheet) {
        return sheet.named(
                FaceReading.of(sheet.facePoints(), sheet.name()).shape().name());
    }

    private Picture needPicture(StudioId studio, long sitting) {
        return picture(studio, sitting).orElseThrow(() -> new NotHere("picture"));
    }

    /** Returns millimetres per pixel of the picture when the card is in it. */
    public Optional<Double> millimetresPerPixel(StudioId studio, long picture) {
        pictures.get(studio, picture); // asked before what is kept, so that another studio never gets it
        return scales.get(picture, p -> scale(studio, p));
    }

    private Optional<Double> scale(StudioId studio, long picture) {
        return CardFinder.find(pictures.raster(studio, picture)) instanceof CardSighting.Found found
                ? Optional.of(found.millimetresPerPixel())
                : Optional.empty();
    }

    /** Returns what a placement needs to know of the face, the artist's word over the reading. */
    public FaceBrief brief(TakenFace face, Sitting sitting) {
        Integer birthYear = sitting.client().birthYear();
        int age = birthYear == null ? 0 : sitting.startsAt().getYear() - birthYear;
        SkinType skin = sitting.client().skinType();
        FaceSheet sheet = face.sheet();
        Map<Trait, Optional<Boolean>> overruled = sheet.overruled();
        return FaceBrief.of(
                face.points(),
                face.reading(),
                sheet.shape() == null ? null : sheet.shape().shape(),
                overruled,
                sheet.ticks(),
                age,
                skin);
    }
}
