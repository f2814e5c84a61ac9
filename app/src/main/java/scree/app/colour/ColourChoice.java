package scree.app.colour;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import scree.app.judge.RoleShelf;
import scree.app.judge.SittingSkins;
import scree.app.kit.Product;
import scree.app.place.TakenPlan;
import scree.app.sitting.Sitting;
import scree.app.sitting.Steps;
import scree.app.studio.StudioId;
import scree.core.colour.Illuminant;
import scree.core.colour.Lab;
import scree.core.colour.LeastSlope;
import scree.core.colour.Spectrum;
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
import scree.core.judge.Sought;
import scree.core.judge.Verdict;
import scree.core.placement.FacePaint;
import scree.core.reason.Reason;
import scree.core.shade.Role;
import scree.core.sight.OwnFeatures;

/** Works out what one face wears. */
final class ColourChoice {
    private static final int OTHERS = 5;

    private final RoleShelf shelf;
    private final StudioId studio;
    private final Sitting sitting;
    private final ColourSheet sheet;
    private final TakenPlan plan;
    private final OwnFeatures read;
    private final SittingSkins.Known known;
    private final Harmony<Product> harmony;
    private final Illuminant lamp;
    private final Map<Part, TakenColour.Pick> picks = new EnumMap<>(Part.class);
    private final Map<Part, Optional<Reason>> nothing = new EnumMap<>(Part.class);

    ColourChoice(
            RoleShelf shelf,
            StudioId studio,
            Sitting sitting,
            ColourSheet sheet,
            TakenPlan plan,
            OwnFeatures read,
            Harmony<Product> harmony) {
        this.shelf = shelf;
        this.studio = studio;
        this.sitting = sitting;
        this.sheet = sheet;
        this.plan = plan;
        this.known = plan.known();
        this.read = read;
        this.harmony = harmony;
        this.lamp = lamp(sitting.eventLight());
    }

    /** @param kept the step that is present, or empty while nothing was chosen */
    TakenColour taken(Optional<Steps.Present<ColourSheet>> kept) {
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

    static ColourFamily family(Harmony<Product> harmony, ColourSheet sheet, Part part) {
        ColourFamily chosen = sheet.families().get(part);
        if (chosen != null) {
            return chosen;
        }
        Optional<ColourFamily> together = sheet.two() ? Optional.empty() : harmony.together();
        return together.or(() -> harmony.alone(part)).orElse(null);
    }

    /** What an artist tapped goes before what looks right: the nearest of that family, with its remark. */
    static Optional<RoleJudge.Judged<Product>> insisted(Harmony<Product> harmony, ColourSheet sheet, Part part) {
        return Optional.ofNullable(sheet.families().get(part)).flatMap(f -> harmony.nearest(part, f));
    }
}
