package scree.app.colour;

import com.github.benmanes.caffeine.cache.Cache;
import java.util.ArrayList;
import java.util.Comparator;
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
import scree.core.colour.Illuminant;
import scree.core.colour.Lab;
import scree.core.colour.LeastSlope;
import scree.core.colour.Spectrum;
import scree.core.face.LevelledFace;
import scree.core.harmony.ColourFamily;
import scree.core.harmony.Harmony;
import scree.core.harmony.HarmonyCode;
import scree.core.harmony.LampFactor;
import scree.core.harmony.LipLayer;
import scree.core.harmony.Part;
import scree.core.judge.LaidProduct;
import scree.core.judge.Looks;
import scree.core.judge.RoleJudge;
import scree.core.judge.RoleSkin;
import scree.core.judge.RoleWish;
import scree.core.judge.Sought;
import scree.core.judge.Verdict;
import scree.core.placement.FacePaint;
import scree.core.reason.Reason;
import scree.core.shade.Role;
import scree.core.sight.OwnFeatures;

/** Chooses colours of the kit that belong together on a face, and keeps what the artist chose instead. */
@Service
public class Colours {
    private static final Steps.Kind<ColourSheet> KIND = new Steps.Kind<>("COLOUR", ColourSheet.class);
    private static final int KEPT = 60;
    private static final int OTHERS = 5;

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
        Sitting sitting = sittings.get(studio, id);
        return placements.of(studio, id).map(plan -> new Choosing(studio, sitting, sheet(studio, id), plan).taken());
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
        ColourFamily family = family(harmony, sheet, part);
        return harmony.fitting(part, family).stream()
                .findFirst()
                .or(() -> insisted(harmony, sheet, part))
                .map(j -> j.what().id());
    }

    /** Returns whether the artist chose anything. */
    public boolean worked(StudioId studio, long sitting) {
        return sheet(studio, sitting).isPresent();
    }

    /** Returns what colour starts from: the client's last time, the usual for a new client. */
    private ColourSheet first(StudioId studio, Sitting sitting) {
        return lastTime.of(studio, sitting, KIND).orElseGet(ColourSheet::usual);
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

    private static ColourFamily family(Harmony<Product> harmony, ColourSheet sheet, Part part) {
        ColourFamily chosen = sheet.families().get(part);
        if (chosen != null) {
            return chosen;
        }
        Optional<ColourFamily> together = sheet.two() ? Optional.empty() : harmony.together();
        return together.or(() -> harmony.alone(part)).orElse(null);
    }

    /** What an artist tapped goes before what looks right: the nearest of that family, with its remark. */
    private static Optional<RoleJudge.Judged<Product>> insisted(
            Harmony<Product> harmony, ColourSheet sheet, Part part) {
        return Optional.ofNullable(sheet.families().get(part)).flatMap(f -> harmony.nearest(part, f));
    }

    /** Works one face out. */
    private final class Choosing {
        private final StudioId studio;
        private final Sitting sitting;
        private final ColourSheet sheet;
        private final Optional<Steps.Present<ColourSheet>> kept;
        private final TakenPlan plan;
        private final OwnFeatures read;
        private final SittingSkins.Known known;
        private final Harmony<Product> harmony;
        private final Illuminant lamp;
        private final Map<Part, TakenColour.Pick> picks = new EnumMap<>(Part.class);
        private final Map<Part, Optional<Reason>> nothing = new EnumMap<>(Part.class);

        Choosing(StudioId studio, Sitting sitting, Optional<Steps.Present<ColourSheet>> kept, TakenPlan plan) {
            this.studio = studio;
            this.sitting = sitting;
            this.kept = kept;
            this.sheet = kept.map(Steps.Present::state).orElseGet(() -> first(studio, sitting));
            this.plan = plan;
            this.known = plan.known();
            this.read = features(studio, plan.face(), known);
            this.harmony = harmony(studio, sitting, sheet, read, known);
            this.lamp = lamp(sitting.eventLight());
        }

        TakenColour taken() {
            Map<Part, List<Harmony.Option<Product>>> options = new EnumMap<>(Part.class);
            for (Part part : Part.values()) {
                if (part.inFamilies()) {
                    options.put(part, harmony.options(part));
                }
                if (!sheet.off().contains(part)) {
                    choose(part);
                }
            }
            Product edge = edge();
            return new TakenColour(
                    sheet,
                    kept.map(Steps.Present::seq).orElse(0),
                    kept.map(Steps.Present::undoable).orElse(false),
                    kept.map(Steps.Present::redoable).orElse(false),
                    plan,
                    options,
                    picks,
                    layer(),
                    edge,
                    edge == null ? null : shelf.laid(edge),
                    read.lip(),
                    nothing,
                    unsaid());
        }

        private Map<Part, List<Product>> unsaid() {
            Map<Part, List<Product>> kept = new EnumMap<>(Part.class);
            for (Part part : Part.values()) {
                kept.put(part, shelf.unsaidAtTheEye(studio, sitting, part.role()));
            }
            return kept;
        }

        private void choose(Part part) {
            Optional<Product> byHand = Optional.ofNullable(sheet.products().get(part))
                    .flatMap(id -> shelf.allowed(studio, sitting, part.role()).stream()
                            .filter(p -> p.id() == id)
                            .findFirst());
            switch (part) {
                case LINER, MASCARA -> line(part, byHand);
                default -> colour(part, byHand);
            }
        }

        private void colour(Part part, Optional<Product> byHand) {
            ColourFamily family = part.inFamilies() ? family(harmony, sheet, part) : null;
            List<RoleJudge.Judged<Product>> fitting = harmony.fitting(part, family);
            Lab cheek = picks.containsKey(Part.CHEEK) ? picks.get(Part.CHEEK).result() : null;
            Optional<Product> own = (part == Part.LID
                            ? harmony.lid(cheek)
                            : fitting.stream().findFirst().or(() -> insisted(harmony, sheet, part)))
                    .map(RoleJudge.Judged::what);
            Optional<Product> worn = byHand.or(() -> own);
            if (worn.isEmpty()) {
                nothing.put(part, sought(part));
                return;
            }
            Product product = worn.get();
            Verdict v = harmony.verdict(part, product);
            LaidProduct laid = shelf.laid(product);
            Lab ground = part == Part.LIP ? read.lip() : plan.known().skin().ground();
            List<Reason> why = new ArrayList<>();
            double coats = v.coats();
            if (part.inFamilies()) {
                why.addAll(harmony.grounds());
                coats = underLamp(laid, ground, coats, why);
                if (part == Part.LIP
                        && !sheet.two()
                        && picks.containsKey(Part.CHEEK)
                        && picks.get(Part.CHEEK).family() == harmony.family(part, product)) {
                    why.add(Reason.note(HarmonyCode.ONE_FAMILY));
                }
            } else if (part == Part.BROW) {
                why.add(Reason.note(HarmonyCode.BESIDE_THE_HAIR));
            }
            picks.put(
                    part,
                    new TakenColour.Pick(
                            part,
                            product,
                            laid,
                            part.inFamilies() ? harmony.family(part, product) : null,
                            coats,
                            ground,
                            v.result(),
                            v.looks(),
                            byHand.isPresent(),
                            why,
                            fitting.stream()
                                    .map(RoleJudge.Judged::what)
                                    .limit(OTHERS)
                                    .toList()));
        }

        /** Warm light eats red, not depth: cheeks and lips get more there. */
        private double underLamp(LaidProduct laid, Lab ground, double coats, List<Reason> why) {
            if (lamp == null) {
                return coats;
            }
            Spectrum under = LeastSlope.spectrumOf(ground).orElseThrow();
            double factor = LampFactor.of(under, laid.laidOn(under, coats, 0), lamp);
            long more = Math.round(100 * (factor - 1));
            if (more > 0) {
                why.add(Reason.note(HarmonyCode.LAMP_EATS_RED, (int) more));
            }
            return Math.min(RoleJudge.mostCoats(Role.LIP), coats * Math.max(1, factor));
        }

        private void line(Part part, Optional<Product> byHand) {
            double lid = picks.containsKey(Part.LID)
                    ? picks.get(Part.LID).result().lightness()
                    : known.skin().skin().lightness();
            List<Harmony.Line<Product>> lines = harmony.lines(part, lid);
            List<Product> fitting = lines.stream()
                    .filter(l -> l.line().looks() == Looks.FITS)
                    .map(Harmony.Line::what)
                    .toList();
            Optional<Product> worn = byHand.or(() -> fitting.stream().findFirst());
            if (worn.isEmpty()) {
                nothing.put(part, Optional.empty());
                return;
            }
            Product product = worn.get();
            Lab colour = product.settled();
            picks.put(
                    part,
                    new TakenColour.Pick(
                            part,
                            product,
                            shelf.laid(product),
                            null,
                            1,
                            known.skin().ground(),
                            colour,
                            harmony.line(part, product, lid).looks(),
                            byHand.isPresent(),
                            List.of(harmony.whyLine(colour.lightness())),
                            fitting.stream().limit(OTHERS).toList()));
        }

        private Optional<Reason> sought(Part part) {
            if (part == Part.BROW && sitting.intake().own().hair() == null) {
                return Optional.empty();
            }
            RoleSkin on = part == Part.LIP ? known.skin().on(read.lip()) : known.skin();
            return Optional.of(Sought.of(part.role(), on, harmony.wish(part)).words());
        }

        /** Lips that are not left their own edge are drawn: by the liner nearest to what they wear. */
        private Product edge() {
            TakenColour.Pick lip = picks.get(Part.LIP);
            if (sheet.lips() == FacePaint.Lips.NATURAL || lip == null) {
                return null;
            }
            return shelf.allowed(studio, sitting, Role.LIP_LINER).stream()
                    .min(Comparator.comparingDouble(p -> p.settled().differenceFrom(lip.result())))
                    .orElse(null);
        }

        private TakenColour.Layer layer() {
            TakenColour.Pick lip = picks.get(Part.LIP);
            if (sheet.turn() == 0 || lip == null) {
                return null;
            }
            double wanted = sheet.turn() * LipLayer.STEP_DEGREES;
            return shelf.allowed(studio, sitting, Role.LIP_STAIN).stream()
                    .flatMap(p -> LipLayer.of(shelf.laid(p), lip.result(), wanted).stream()
                            .map(l -> new TakenColour.Layer(p, shelf.laid(p), l)))
                    .min(Comparator.comparingDouble(
                                    (TakenColour.Layer l) -> Math.abs(l.turn().turn() - wanted))
                            .thenComparingDouble(l -> l.turn().coats()))
                    .orElse(null);
        }

        private static Illuminant lamp(Sitting.EventLight light) {
            if (light == null) {
                return null;
            }
            return switch (light) {
                case WARM_STAGE -> Illuminant.LED27;
                case OFFICE -> Illuminant.LED40;
                case DAYLIGHT, FLASH -> null;
            };
        }
    }
}
