package scree.app.base;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.context.MessageSource;
import org.springframework.stereotype.Controller;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import scree.app.picture.Pictures;
import scree.app.sitting.Cairns;
import scree.app.sitting.Sitting;
import scree.app.sitting.Sittings;
import scree.app.skin.Readings;
import scree.app.skin.TakenReading;
import scree.app.studio.CurrentMember;
import scree.app.studio.Member;
import scree.app.web.NotHere;
import scree.app.web.StaleSave;
import scree.core.colour.Lab;
import scree.core.shade.TwoTones;

/** Two tones: a lighter base inside the ring, a deeper one outside. */
@Controller
@RequestMapping("/sittings/{id}/base/tones")
class ToneController {
    private static final int PAIRS = 3;
    private final Bases bases;
    private final Readings readings;
    private final Pictures pictures;
    private final Sittings sittings;
    private final Cairns cairns;
    private final MessageSource messages;

    ToneController(
            Bases bases,
            Readings readings,
            Pictures pictures,
            Sittings sittings,
            Cairns cairns,
            MessageSource messages) {
        this.bases = bases;
        this.readings = readings;
        this.pictures = pictures;
        this.sittings = sittings;
        this.cairns = cairns;
        this.messages = messages;
    }

    /** Everything that the page and the choice are made of. */
    private record Work(
            TakenReading taken, TwoTones.Targets targets, List<Shortlist.Ranked> shades, List<TwoTones.Pair> pairs) {}

    private Optional<Work> work(Member me, long id) {
        Optional<TakenReading> taken = readings.of(me.studio(), id);
        Optional<TwoTones.Targets> targets = taken.flatMap(t -> TwoTones.targets(t.skin()));
        return targets.flatMap(t -> bases.shortlist(me.studio(), id, BaseFilter.ANY))
                .map(list -> {
                    List<Lab> colours =
                            list.ranked().stream().map(Shortlist.Ranked::onSkin).toList();
                    return new Work(
                            taken.orElseThrow(),
                            targets.orElseThrow(),
                            list.ranked(),
                            TwoTones.best(colours, targets.orElseThrow(), PAIRS));
                });
    }

    /** In one transaction, so that what stages and rooms ask is read once. */
    @GetMapping
    @Transactional(readOnly = true)
    String page(@CurrentMember Member me, @PathVariable long id, Model model, Locale locale) {
        Sitting sitting = sittings.get(me.studio(), id);
        model.addAttribute("sitting", sitting);
        model.addAttribute("sittingId", id);
        model.addAttribute("cairn", cairns.of(me.studio(), sitting, "base"));
        model.addAttribute("taken", bases.choice(me.studio(), id).orElse(null));
        model.addAttribute("former", bases.former(me.studio(), id).orElse(null));
        work(me, id)
                .ifPresent(w -> model.addAttribute(
                        "view",
                        TonesView.of(
                                w.taken,
                                pictures.get(me.studio(), w.taken.pictureId()),
                                w.targets,
                                w.shades,
                                w.pairs,
                                new BaseWords(messages, locale))));
        return "base/tones";
    }

    @PostMapping
    String take(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam long inner,
            @RequestParam long outer,
            @RequestParam(defaultValue = "0") long instead,
            Model model,
            Locale locale) {
        Work w = work(me, id).orElseThrow(() -> new NotHere("reading"));
        TwoTones.Pair pair = TonesView.chosen(w.pairs, w.shades, inner, outer).orElseThrow(() -> new NotHere("base"));
        Shortlist.Ranked in = w.shades.get(pair.inner());
        Shortlist.Ranked out = w.shades.get(pair.outer());
        Worn worn = new Worn.TwoTones(
                Worn.Shade.of(out.product(), out.onSkin()),
                new Worn.Inner(in.product().line(), in.product().name(), in.onSkin(), pair.innerOff(), pair.apart()),
                null);
        BaseChoice.Standing standing = new BaseChoice.Standing(
                pair.outerOff(), Math.max(1, out.rank()), new BaseWords(messages, locale).overruled(out));
        String note =
                new BaseWords(messages, locale).say("tones.note", in.product().fullName());
        try {
            bases.keep(me, id, worn, standing, note, instead);
        } catch (StaleSave meanwhile) {
            model.addAttribute("refused", BaseWords.meanwhile(meanwhile, messages, locale));
            return page(me, id, model, locale);
        }
        return "redirect:/sittings/" + id + "/base/tones?taken";
    }
}
