package scree.app.base;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Controller;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import scree.app.kit.DryDowns;
import scree.app.kit.WatchedStripe;
import scree.app.meter.MeterTrouble;
import scree.app.meter.Meters;
import scree.app.sitting.Cairns;
import scree.app.sitting.Sitting;
import scree.app.sitting.Sittings;
import scree.app.studio.CurrentMember;
import scree.app.studio.Member;
import scree.app.studio.OpenTo;
import scree.app.studio.Role;
import scree.app.studio.StudioTime;
import scree.core.shade.DryDown;
import scree.core.shade.StripeSight.Coat;
import scree.core.shade.StripeSight.Look;

/** The stripe test: three stripes over time and in several lights, their clocks, and what is learned when they have settled. */
@Controller
@RequestMapping("/sittings/{id}/base/stripes")
@OpenTo({Role.OWNER, Role.ARTIST, Role.TRAINEE})
class StripesController {
    private final Bases bases;
    private final StripeTests tests;
    private final DryDowns dryDowns;
    private final Sights sights;
    private final Meters meters;
    private final Sittings sittings;
    private final Cairns cairns;
    private final BaseWords words;
    private final Clock clock;
    private final StudioTime time;

    StripesController(
            Bases bases,
            StripeTests tests,
            DryDowns dryDowns,
            Sights sights,
            Meters meters,
            Sittings sittings,
            Cairns cairns,
            BaseWords words,
            Clock clock,
            StudioTime time) {
        this.bases = bases;
        this.sights = sights;
        this.tests = tests;
        this.dryDowns = dryDowns;
        this.meters = meters;
        this.sittings = sittings;
        this.cairns = cairns;
        this.words = words;
        this.clock = clock;
        this.time = time;
    }

    /** What is looked at; bound from parameters. */
    record Sight(Double minutes, Coat coat, Look look) {
        private static final double LONGEST = 60;

        Sight {
            minutes = minutes == null ? null : Double.valueOf(Math.max(0, Math.min(LONGEST, minutes)));
        }

        Coat thick() {
            return coat == null ? Coat.FULL : coat;
        }

        Look in() {
            return look == null ? Look.DAYLIGHT : look;
        }
    }

    /** In one transaction, so that what stages and rooms ask is read once. */
    @GetMapping
    @Transactional(readOnly = true)
    String page(@CurrentMember Member me, @PathVariable long id, Sight sight, Model model) {
        Sitting sitting = sittings.get(me.studio(), id);
        model.addAttribute("sitting", sitting);
        model.addAttribute("cairn", cairns.of(me.studio(), sitting, "base"));
        fill(me, id, sight, model);
        return "base/stripes";
    }

    @GetMapping(headers = "HX-Request")
    @Transactional(readOnly = true)
    String work(@CurrentMember Member me, @PathVariable long id, Sight sight, Model model) {
        fill(me, id, sight, model);
        return "base/stripes :: work";
    }

    /** Lays one stripe, or all that do not lie yet when no product is named. */
    @PostMapping("/lay")
    String lay(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam(required = false) Long product,
            @RequestParam(defaultValue = "0") int minutes,
            Sight sight,
            Model model) {
        Map<Long, StripeWatch> lying = tests.watched(me.studio(), id);
        List<Long> products = product != null
                ? List.of(product)
                : bases.shortlist(me.studio(), id, BaseFilter.ANY)
                        .map(list -> list.stripes().stream()
                                .map(r -> r.product().id())
                                .filter(p -> !lying.containsKey(p))
                                .toList())
                        .orElse(List.of());
        tests.lay(me.studio(), id, products, minutes);
        return work(me, id, new Sight(null, sight.coat(), sight.look()), model);
    }

    @PostMapping("/lift")
    String lift(@CurrentMember Member me, @PathVariable long id, @RequestParam long product, Sight sight, Model model) {
        tests.lift(me.studio(), id, product);
        return work(me, id, sight, model);
    }

    @PostMapping("/answer")
    String answer(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam long product,
            @RequestParam DryDown.Answer answer,
            Sight sight,
            Model model) {
        tests.answer(me, id, product, answer);
        return work(me, id, sight, model);
    }

    @OpenTo({Role.OWNER, Role.ARTIST})
    @PostMapping("/measure")
    String measure(
            @CurrentMember Member me, @PathVariable long id, @RequestParam long product, Sight sight, Model model) {
        try {
            tests.measure(me, id, product);
        } catch (MeterTrouble trouble) {
            model.addAttribute("refused", words.say("meter.skin." + trouble.why()));
        }
        return work(me, id, sight, model);
    }

    /** Takes one observation of a product back. */
    @OpenTo({Role.OWNER, Role.ARTIST})
    @PostMapping("/forget")
    String forget(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam long product,
            @RequestParam long seen,
            Sight sight,
            Model model) {
        dryDowns.forget(me.studio(), product, seen);
        return work(me, id, sight, model);
    }

    private void fill(Member me, long id, Sight sight, Model model) {
        model.addAttribute("sittingId", id);
        model.addAttribute("coats", Coat.values());
        model.addAttribute("looks", Look.values());
        model.addAttribute("answers", DryDown.Answer.values());
        model.addAttribute("meter", meters.colourSetUp());
        bases.shortlist(me.studio(), id, BaseFilter.ANY).ifPresent(list -> {
            Map<Long, List<WatchedStripe>> seen = list.stripes().stream()
                    .map(r -> r.product().id())
                    .collect(Collectors.toMap(p -> p, p -> dryDowns.of(me.studio(), p)));
            model.addAttribute(
                    "view",
                    StripesView.of(
                            list,
                            sights.stripes(list.target()),
                            tests.watched(me.studio(), id),
                            seen,
                            Optional.ofNullable(sight.minutes()),
                            sight.thick(),
                            sight.in(),
                            clock.instant(),
                            time.zone(me.studio()),
                            words));
        });
    }
}
