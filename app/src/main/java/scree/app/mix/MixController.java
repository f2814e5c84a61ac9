package scree.app.mix;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Controller;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import scree.app.base.BaseWords;
import scree.app.look.Figures;
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
import scree.app.web.NotHere;
import scree.app.web.Once;
import scree.app.web.PlainNumbers;
import scree.app.web.StaleSave;
import scree.core.colour.Lab;
import scree.core.mix.Batch;
import scree.core.mix.TintFit;

/** The mixing bench of a sitting. */
@Controller
@RequestMapping("/sittings/{id}/base/mix")
@OpenTo({Role.OWNER, Role.ARTIST, Role.TRAINEE})
class MixController {
    private final MixBench bench;
    private final TestMixes tests;
    private final Meters meters;
    private final Sittings sittings;
    private final Cairns cairns;
    private final Once once;
    private final BaseWords words;
    private final StudioTime time;

    MixController(
            MixBench bench,
            TestMixes tests,
            Meters meters,
            Sittings sittings,
            Cairns cairns,
            Once once,
            BaseWords words,
            StudioTime time) {
        this.once = once;
        this.bench = bench;
        this.tests = tests;
        this.meters = meters;
        this.sittings = sittings;
        this.cairns = cairns;
        this.words = words;
        this.time = time;
    }

    /** In one transaction, so that what stages and rooms ask is read once. */
    @GetMapping
    @Transactional(readOnly = true)
    String page(@CurrentMember Member me, @PathVariable long id, Model model) {
        Sitting sitting = sittings.get(me.studio(), id);
        model.addAttribute("sitting", sitting);
        model.addAttribute("cairn", cairns.of(me.studio(), sitting, "base"));
        return work(me, id, model).replace(" :: work", "");
    }

    @PostMapping("/tap")
    String tap(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam long product,
            @RequestParam int by,
            Model model) {
        bench.tap(me, id, product, by);
        return work(me, id, model);
    }

    @PostMapping("/batch")
    String batch(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam Batch.For what,
            @RequestParam(defaultValue = "1") int people,
            @RequestParam Batch.Unit unit,
            Model model) {
        bench.batch(me, id, what, people, unit);
        return work(me, id, model);
    }

    @PostMapping("/lay")
    String lay(@CurrentMember Member me, @PathVariable long id, @RequestParam int products, Model model) {
        bench.lay(me, id, products);
        return work(me, id, model);
    }

    @PostMapping("/undo")
    String undo(@CurrentMember Member me, @PathVariable long id, @RequestParam boolean back, Model model) {
        bench.undo(me.studio(), id, back);
        return work(me, id, model);
    }

    @OpenTo({Role.OWNER, Role.ARTIST})
    @PostMapping("/measure")
    String measure(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam(name = "once", required = false) String token,
            Model model) {
        try {
            Lab seen = bench.measure(me, id);
            once.only(me.studio(), token, () -> logged(me, id, seen, true));
        } catch (MeterTrouble trouble) {
            model.addAttribute("refused", words.say("meter.skin." + trouble.why()));
        }
        return work(me, id, model);
    }

    /** Logs a colour that was read elsewhere; figures out of range are named and kept in their fields. */
    @OpenTo({Role.OWNER, Role.ARTIST})
    @PostMapping("/tried")
    String tried(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam(defaultValue = "") String l,
            @RequestParam(defaultValue = "") String a,
            @RequestParam(defaultValue = "") String b,
            @RequestParam(name = "once", required = false) String token,
            Model model) {
        try {
            Lab seen = Lab.of(figure("L*", l), figure("a*", a), figure("b*", b));
            once.only(me.studio(), token, () -> logged(me, id, seen, true));
        } catch (IllegalArgumentException e) {
            model.addAttribute("refused", words.say("mix.tried.refused", e.getMessage()));
            model.addAttribute("typed", List.of(l, a, b));
        }
        return work(me, id, model);
    }

    private static double figure(String name, String text) {
        try {
            return PlainNumbers.of(text);
        } catch (IllegalArgumentException e) {
            throw new IllegalArgumentException(
                    "%s is %s: type a figure such as 61.5".formatted(name, text.isBlank() ? "empty" : "no number"), e);
        }
    }

    /** Logs that the mix vanished on the skin. */
    @OpenTo({Role.OWNER, Role.ARTIST})
    @PostMapping("/vanished")
    String vanished(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam(defaultValue = "false") boolean really,
            @RequestParam(name = "once", required = false) String token,
            Model model) {
        MixBench.Bench now = bench.of(me.studio(), id).orElseThrow(() -> new NotHere("reading"));
        if (now.recipe().difference() > TintFit.SURPRISING && !really) {
            model.addAttribute("really", Figures.one(now.recipe().difference()));
            return work(me, id, model);
        }
        once.only(me.studio(), token, () -> logged(me, id, now.target().colour(), false));
        return work(me, id, model);
    }

    private String logged(Member me, long id, Lab seen, boolean byMeter) {
        tests.tried(me, id, seen, byMeter);
        return "logged";
    }

    @OpenTo({Role.OWNER, Role.ARTIST})
    @PostMapping("/forget")
    String forget(@CurrentMember Member me, @PathVariable long id, @RequestParam long test, Model model) {
        sittings.get(me.studio(), id);
        tests.forget(me.studio(), test);
        return work(me, id, model);
    }

    @PostMapping("/take")
    String take(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam(defaultValue = "0") long instead,
            Model model) {
        MixBench.Bench now = bench.of(me.studio(), id).orElseThrow(() -> new NotHere("reading"));
        MixView view = MixView.of(now, List.of(), Set.of(), time.zone(me.studio()), words);
        String against = view.remarks().stream()
                .filter(MixView.Remark::loud)
                .map(MixView.Remark::words)
                .collect(Collectors.joining(" "));
        String overruled = against.isEmpty() ? null : against.substring(0, Math.min(500, against.length()));
        try {
            bench.take(me, id, view.counted(), overruled, instead);
        } catch (StaleSave meanwhile) {
            model.addAttribute("refused", words.meanwhile(meanwhile));
            return page(me, id, model);
        }
        return "redirect:/sittings/" + id + "/base/mix?taken";
    }

    private String work(Member me, long id, Model model) {
        model.addAttribute("sittingId", id);
        model.addAttribute("fors", Batch.For.values());
        model.addAttribute("units", Batch.Unit.values());
        model.addAttribute("meter", meters.colourSetUp());
        model.addAttribute("taken", bench.taken(me.studio(), id).orElse(null));
        model.addAttribute("former", bench.former(me.studio(), id).orElse(null));
        model.addAttribute("unreadable", bench.unreadable(me.studio(), id));
        bench.of(me.studio(), id).ifPresent(b -> {
            List<TestMixes.Tried> tried = tests.tests(me.studio());
            Set<Long> tested = tried.stream()
                    .flatMap(t -> t.parts().stream())
                    .map(MixSheet.Part::product)
                    .collect(Collectors.toSet());
            model.addAttribute("view", MixView.of(b, tried, tested, time.zone(me.studio()), words));
        });
        return "mix/page :: work";
    }
}
