package scree.app.kit;

import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.Locale;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import scree.app.look.Figures;
import scree.app.look.Stones;
import scree.app.meter.MeterTrouble;
import scree.app.meter.Meters;
import scree.app.meter.PressedSwatch;
import scree.app.studio.CurrentMember;
import scree.app.studio.Member;
import scree.app.studio.StudioTime;
import scree.app.web.StaleSave;
import scree.app.web.Words;
import scree.core.colour.Lab;
import scree.core.colour.Pressed;
import scree.core.colour.Srgb;

/** Measures a product's swatch with the colour meter: wet at once, settled after its dry-down. */
@Controller
@RequestMapping("/kit/{id}/swatch")
class SwatchController {
    private final Kit kit;
    private final Meters meters;
    private final Clock clock;
    private final StudioTime time;
    private final Words words;

    SwatchController(Kit kit, Meters meters, Clock clock, StudioTime time, Words words) {
        this.kit = kit;
        this.meters = meters;
        this.clock = clock;
        this.time = time;
        this.words = words;
    }

    /** What the page shows of one state. */
    record Side(String key, int presses, boolean agree, String figures, String spread, String colour, String stone) {}

    @GetMapping
    String page(@CurrentMember Member me, @PathVariable long id, Model model) {
        Product product = kit.get(me.studio(), id);
        PressedSwatch swatch = meters.swatch(me.studio(), id);
        model.addAttribute("product", product);
        model.addAttribute("wet", side("WET", swatch.wet(), product));
        model.addAttribute("settled", side("SETTLED", swatch.settled(), product));
        model.addAttribute("meter", meters.colourSetUp());
        model.addAttribute("minutes", product.form().dryDownMinutes());
        model.addAttribute(
                "secondsLeft",
                swatch.wetAt().map(at -> secondsLeft(at, product)).orElse(null));
        model.addAttribute("ready", swatch.wet().agree() || swatch.settled().agree());
        model.addAttribute("was", Srgb.hex(product.settled()));
        return "kit/swatch";
    }

    private long secondsLeft(OffsetDateTime wetAt, Product product) {
        Duration dry = Duration.ofMinutes(product.form().dryDownMinutes());
        return Math.max(
                0,
                Duration.between(clock.instant(), wetAt.toInstant().plus(dry)).toSeconds());
    }

    private static Side side(String key, Pressed p, Product product) {
        return new Side(
                key,
                p.presses().size(),
                p.agree(),
                p.mean()
                        .map(m -> String.format(Locale.ROOT, "L* %.1f  a* %.1f  b* %.1f", m.lightness(), m.a(), m.b()))
                        .orElse(null),
                Figures.one(p.spread()),
                p.mean().map(Srgb::hex).orElse("none"),
                new Stones().pebble(product.stoneId(), 60, 48, 38));
    }

    @PostMapping
    String press(@CurrentMember Member me, @PathVariable long id, @RequestParam boolean wet, Model model) {
        Product product = kit.get(me.studio(), id);
        try {
            meters.pressSwatch(me.studio(), id, wet, wet ? product.wet() : product.settled());
        } catch (MeterTrouble trouble) {
            model.addAttribute("refused", words.say("meter.skin." + trouble.why()));
            return page(me, id, model);
        }
        return "redirect:/kit/" + id + "/swatch";
    }

    @PostMapping("/tile")
    String tile(@CurrentMember Member me, @PathVariable long id, Model model) {
        kit.get(me.studio(), id);
        try {
            meters.tile();
        } catch (MeterTrouble trouble) {
            model.addAttribute("refused", words.say("meter.skin." + trouble.why()));
            return page(me, id, model);
        }
        return "redirect:/kit/" + id + "/swatch";
    }

    @PostMapping("/forget")
    String forget(@CurrentMember Member me, @PathVariable long id) {
        kit.get(me.studio(), id);
        meters.forgetSwatch(me.studio(), id);
        return "redirect:/kit/" + id + "/swatch";
    }

    /** Puts what three agreeing presses gave into the product. */
    @PostMapping("/take")
    String take(@CurrentMember Member me, @PathVariable long id, Model model) {
        Product product = kit.get(me.studio(), id);
        PressedSwatch swatch = meters.swatch(me.studio(), id);
        Lab wet = swatch.wet().agree() ? swatch.wet().mean().orElseThrow() : product.wet();
        Lab settled = swatch.settled().agree() ? swatch.settled().mean().orElseThrow() : product.recorded();
        try {
            kit.change(me.studio(), product.measured(wet, settled, Measure.meter(time.today(me.studio()))));
        } catch (StaleSave stale) {
            model.addAttribute("refused", words.say("swatch.stale"));
            return page(me, id, model);
        }
        meters.forgetSwatch(me.studio(), id);
        return "redirect:/kit/" + id;
    }
}
