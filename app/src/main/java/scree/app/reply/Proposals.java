package scree.app.reply;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import scree.app.base.BaseFilter;
import scree.app.base.Bases;
import scree.app.base.Shortlist;
import scree.app.correct.Corrections;
import scree.app.correct.Pot;
import scree.app.correct.TakenCorrections;
import scree.app.judge.RoleShelf;
import scree.app.judge.SittingSkins;
import scree.app.kit.Kit;
import scree.app.kit.Product;
import scree.app.reply.TakenReply.Offer;
import scree.app.reply.TakenReply.Standing;
import scree.app.sitting.Sitting;
import scree.app.studio.StudioId;
import scree.core.colour.Lab;
import scree.core.cover.Layer;
import scree.core.harmony.ColourFamily;
import scree.core.harmony.Part;
import scree.core.judge.RoleWish;
import scree.core.judge.Varied;
import scree.core.reason.Reason;
import scree.core.shade.Nearness;
import scree.core.shade.Role;
import scree.core.skin.MatchTarget;

/** What the kit offers one whose picture came from home, part by part. */
@Component
class Proposals {
    /** Shown of a part. House choice: two rows of stones. */
    private static final int SHOWN = 6;

    private final Bases bases;
    private final Corrections corrections;
    private final RoleShelf shelf;
    private final SittingSkins skins;
    private final Kit kit;

    Proposals(Bases bases, Corrections corrections, RoleShelf shelf, SittingSkins skins, Kit kit) {
        this.bases = bases;
        this.corrections = corrections;
        this.shelf = shelf;
        this.skins = skins;
        this.kit = kit;
    }

    /** What there is for one part before anything is chosen. */
    private record Found(List<Offer> offers, List<Offer> proposed, Lab colour, Reason sought) {}

    List<Standing> of(StudioId studio, Sitting sitting, ReplySheet sheet) {
        SittingSkins.Known known = skins.of(studio, sitting);
        Optional<TakenCorrections> corrected = corrections.of(studio, sitting.id());
        List<Standing> parts = new ArrayList<>();
        for (ReplyPart part : ReplyPart.values()) {
            Found found = switch (part) {
                case BASE -> base(studio, sitting);
                case CORRECTOR -> corrector(studio, sitting, corrected);
                case BRIGHTENER, CONTOUR, BRONZER, CHEEK, LIP -> byRole(studio, sitting, part, known);
            };
            parts.add(standing(studio, sitting, part, found, sheet));
        }
        return parts;
    }

    /** A product that was chosen by hand stays in sight, whatever else stands before it; one that may not be used does not. */
    private Standing standing(StudioId studio, Sitting sitting, ReplyPart part, Found found, ReplySheet sheet) {
        List<Long> picked = sheet.picked().get(part);
        List<Offer> offers =
                new ArrayList<>(found.offers().stream().limit(SHOWN).toList());
        List<Offer> chosen = found.proposed();
        if (picked != null) {
            Map<Long, Offer> known = found.offers().stream()
                    .collect(Collectors.toMap(o -> o.product().id(), Function.identity(), (a, b) -> a));
            List<Product> allowed = shelf.allowed(studio, sitting, part.role());
            chosen = picked.stream()
                    .map(id -> known.containsKey(id)
                            ? known.get(id)
                            : allowed.stream()
                                    .filter(p -> p.id() == id)
                                    .findFirst()
                                    .map(p -> new Offer(p, null, null, false))
                                    .orElse(null))
                    .filter(Objects::nonNull)
                    .toList();
            chosen.stream().filter(c -> !offers.contains(c)).forEach(offers::add);
        }
        boolean nothing = picked == null && found.proposed().isEmpty();
        return new Standing(
                part,
                offers,
                chosen,
                picked != null,
                sheet.left().contains(part),
                found.colour() != null && sheet.near().getOrDefault(part, nothing),
                found.colour(),
                found.sought());
    }

    private Found base(StudioId studio, Sitting sitting) {
        Optional<Shortlist> list = bases.shortlist(studio, sitting.id(), BaseFilter.ANY);
        List<Offer> offers = list.stream()
                .flatMap(l -> l.ranked().stream())
                .limit(SHOWN)
                .map(r -> new Offer(r.product(), r.difference(), null, false))
                .toList();
        Lab target = bases.target(studio, sitting.id()).map(MatchTarget::colour).orElse(null);
        List<Offer> best = offers.stream()
                .limit(1)
                .filter(o -> Nearness.of(o.difference()).compareTo(Nearness.CLOSE) <= 0) // else its colour is named
                .toList();
        return new Found(offers, best, target, null);
    }

    /** What the plan for the face lays, the one that most marks take first; none where the base alone does it. */
    private Found corrector(StudioId studio, Sitting sitting, Optional<TakenCorrections> corrected) {
        Map<Long, Long> laid = corrected.stream()
                .flatMap(c -> c.marks().stream())
                .flatMap(m -> m.laid().stream())
                .flatMap(p -> Stream.concat(p.under().stream(), p.over().stream()))
                .map(Layer::ware)
                .filter(w -> w.role() == Role.CORRECTOR)
                .map(w -> ((Pot) w.what()).id())
                .filter(Objects::nonNull)
                .collect(Collectors.groupingBy(Function.identity(), LinkedHashMap::new, Collectors.counting()));
        List<Long> order = laid.entrySet().stream()
                .sorted(Map.Entry.<Long, Long>comparingByValue(Comparator.reverseOrder()))
                .map(Map.Entry::getKey)
                .toList();
        Map<Long, Product> known =
                kit.some(studio, order).stream().collect(Collectors.toMap(Product::id, Function.identity()));
        List<Offer> planned = order.stream()
                .map(known::get)
                .filter(Objects::nonNull)
                .map(p -> new Offer(p, null, null, true))
                .toList();
        List<Offer> all = new ArrayList<>(planned);
        shelf.allowed(studio, sitting, Role.CORRECTOR).stream()
                .filter(p -> !order.contains(p.id()))
                .limit(SHOWN)
                .forEach(p -> all.add(new Offer(p, null, null, false)));
        return new Found(all, planned.stream().limit(1).toList(), null, null);
    }

    private Found byRole(StudioId studio, Sitting sitting, ReplyPart part, SittingSkins.Known known) {
        RoleWish wish = known.wish().at(RoleWish.usualStrength(part.role()));
        RoleShelf.Answer answer = shelf.ask(studio, sitting, part.role(), known.skin(), wish);
        List<Offer> right = Varied.steady(answer.foremost(), RoleShelf.Candidate::verdict).stream()
                .map(c -> new Offer(c.product(), null, c.verdict(), false))
                .toList();
        List<Offer> proposed = part.most() == 1
                ? right.stream().limit(1).toList()
                : Varied.of(right, o -> family(part, o.product()), part.most());
        List<Offer> shown = new ArrayList<>(proposed);
        right.stream().filter(o -> !shown.contains(o)).forEach(shown::add);
        return new Found(
                shown, proposed, answer.sought().colour(), answer.sought().words());
    }

    static ColourFamily family(ReplyPart part, Product product) {
        return ColourFamily.of(part == ReplyPart.LIP ? Part.LIP : Part.CHEEK, product.settled());
    }
}
