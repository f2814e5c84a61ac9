package scree.app.colour;

import com.github.benmanes.caffeine.cache.Cache;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import scree.app.face.Faces;
import scree.app.face.TakenFace;
import scree.app.judge.RoleShelf;
import scree.app.judge.SittingSkins;
import scree.app.kit.Product;
import scree.app.memory.Memories;
import scree.app.picture.Pictures;
import scree.app.place.Placements;
import scree.app.place.TakenPlan;
import scree.app.sitting.LastTime;
import scree.app.sitting.Sitting;
import scree.app.sitting.Sittings;
import scree.app.sitting.Steps;
import scree.app.studio.Member;
import scree.app.studio.StudioId;
import scree.core.colour.Lab;
import scree.core.face.LevelledFace;
import scree.core.harmony.ColourFamily;
import scree.core.harmony.Harmony;
import scree.core.harmony.Part;
import scree.core.judge.RoleSkin;
import scree.core.judge.RoleWish;
import scree.core.sight.OwnFeatures;

/** Chooses colours of the kit that belong together on a face, and keeps what the artist chose instead. */
@Service
public class Colours {
    private static final Steps.Kind<ColourSheet> KIND = new Steps.Kind<>("COLOUR", ColourSheet.class);
    private static final int KEPT = 60;

    private final Steps steps;
    private final Sittings sittings;
    private final Placements placements;
    private final SittingSkins skins;
    private final RoleShelf shelf;
    private final Pictures pictures;
    private final Faces faces;
    private final LastTime lastTime;
    private final Cache<FeaturesKey, OwnFeatures> features;
    private final Cache<HarmonyKey, Harmony<Product>> harmonies;

    private record FeaturesKey(long picture, Object points, Lab skin) {}

    private record HarmonyKey(Harmony.Face face, RoleWish wish, Map<Part, List<Product>> kit) {}

    Colours(
            Steps steps,
            Sittings sittings,
            Placements placements,
            SittingSkins skins,
            RoleShelf shelf,
            Pictures pictures,
            Faces faces,
            LastTime lastTime,
            Memories memories) {
        this.steps = steps;
        this.sittings = sittings;
        this.placements = placements;
        this.skins = skins;
        this.shelf = shelf;
        this.pictures = pictures;
        this.faces = faces;
        this.lastTime = lastTime;
        this.features = memories.keep("own features", KEPT);
        this.harmonies = memories.keep("harmonies", KEPT);
    }

    /** Returns colour as it stands, or empty while the face has no points. */
    @Transactional(readOnly = true)
    public Optional<TakenColour> of(StudioId studio, long id) {
        return placements.of(studio, id).map(plan -> on(studio, sittings.get(studio, id), plan));
    }

    /** Returns colour as it stands on a plan that was worked out already. */
    public TakenColour on(StudioId studio, Sitting sitting, TakenPlan plan) {
        Optional<Steps.Present<ColourSheet>> kept = sheet(studio, sitting.id());
        ColourSheet chosen = kept.map(Steps.Present::state).orElseGet(() -> first(studio, sitting));
        OwnFeatures read = features(studio, plan.face(), plan.known());
        Harmony<Product> harmony = harmony(studio, sitting, chosen, read, plan.known());
        return new ColourChoice(shelf, studio, sitting, chosen, plan, read, harmony).taken(kept);
    }

    /** Returns the product that a part wears, without the rest. */
    public Optional<Long> pick(StudioId studio, Sitting sitting, Part part) {
        ColourSheet sheet =
                sheet(studio, sitting.id()).map(Steps.Present::state).orElseGet(() -> first(studio, sitting));
        if (sheet.products().containsKey(part)) {
            return Optional.of(sheet.products().get(part));
        }
        SittingSkins.Known known = skins.of(studio, sitting);
        OwnFeatures read = faces.of(studio, sitting.id())
                .map(f -> features(studio, f, known))
                .orElse(null);
        Harmony<Product> harmony = harmony(studio, sitting, sheet, read, known);
        ColourFamily family = ColourChoice.family(harmony, sheet, part);
        return harmony.fitting(part, family).stream()
                .findFirst()
                .or(() -> ColourChoice.insisted(harmony, sheet, part))
                .map(j -> j.what().id());
    }

    /** Returns whether the artist chose anything. */
    public boolean worked(StudioId studio, long sitting) {
        return sheet(studio, sitting).isPresent();
    }

    /** Returns what colour starts from: the client's last time, the usual for a new client. */
    private ColourSheet first(StudioId studio, Sitting sitting) {
        return lastTime.of(studio, sitting, KIND).map(LastTime.Then::state).orElseGet(ColourSheet::usual);
    }

    /** Returns the family that the artist chose for the lips, empty while it is left to Scree. */
    public Optional<ColourFamily> chosen(StudioId studio, long sitting) {
        return sheet(studio, sitting).map(p -> p.state().families().get(Part.LIP));
    }

    boolean unreadable(StudioId studio, long sitting) {
        return steps.unreadable(studio, sitting, KIND);
    }

    private Optional<Steps.Present<ColourSheet>> sheet(StudioId studio, long sitting) {
        return steps.present(studio, sitting, KIND);
    }

    /** Changes what was chosen; a step that can be undone. */
    @Transactional
    public void change(Member me, long sitting, UnaryOperator<ColourSheet> by) {
        Sitting of = sittings.get(me.studio(), sitting);
        steps.change(me, sitting, KIND, () -> Optional.of(first(me.studio(), of)), by);
    }

    @Transactional
    public void undo(StudioId studio, long sitting) {
        steps.undo(studio, sitting, KIND);
    }

    @Transactional
    public void redo(StudioId studio, long sitting) {
        steps.redo(studio, sitting, KIND);
    }

    /** Returns lips, brows and eyes as the picture shows them; the same for Place's blush as for this stage. */
    private OwnFeatures features(StudioId studio, TakenFace face, SittingSkins.Known known) {
        long picture = face.sheet().pictureId();
        Lab skin = known.skin().skin();
        return features.get(
                new FeaturesKey(picture, face.sheet().points(), skin),
                k -> OwnFeatures.of(pictures.raster(studio, picture), LevelledFace.of(face.points()), skin));
    }

    private Harmony<Product> harmony(
            StudioId studio, Sitting sitting, ColourSheet sheet, OwnFeatures read, SittingSkins.Known known) {
        RoleSkin.FeatureDepths told = known.skin().features();
        RoleSkin.FeatureDepths all = read == null || told.brow() != null
                ? told
                : new RoleSkin.FeatureDepths(read.brow(), told.hair(), told.eye() == null ? read.iris() : told.eye());
        RoleSkin skin = new RoleSkin(known.skin().skin(), known.skin().ground(), all, false);
        Lab lip = read == null ? skin.guessedLip() : read.lip();
        RoleWish wish = known.wish().lip(sheet.look());
        if (sitting.intake().own().hair() != null) {
            wish = wish.beside(sitting.intake().own().hair().colour());
        }
        Map<Part, List<Product>> kit = new EnumMap<>(Part.class);
        for (Part part : Part.values()) {
            kit.put(part, shelf.allowed(studio, sitting, part.role()));
        }
        HarmonyKey key = new HarmonyKey(new Harmony.Face(skin, lip), wish, kit);
        return harmonies.get(key, k -> new Harmony<>(k.face(), k.wish(), k.kit(), shelf::laid));
    }
}
