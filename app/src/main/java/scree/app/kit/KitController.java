package scree.app.kit;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import scree.app.look.Drawn;
import scree.app.look.Stones;
import scree.app.studio.CurrentMember;
import scree.app.studio.Member;
import scree.app.studio.StudioTime;
import scree.app.web.Words;
import scree.core.colour.Srgb;
import scree.core.shade.Finish;
import scree.core.shade.Form;
import scree.core.shade.Role;
import scree.core.skin.Depth;
import scree.core.skin.Undertone;

/** The kit as a list and as a field: filtered, ticked and changed together; what is to be bought. */
@Controller
@RequestMapping("/kit")
class KitController {
    /** Weeks before its end from which a tile says how long a product keeps. */
    private static final int SHOWN_WEEKS = 12;

    private static final int DAYS_OF_A_WEEK = 7;

    /** What can be done to all that are ticked. */
    private static final List<KitChanges.Kind> DEEDS = List.of(
            KitChanges.Kind.OPENED,
            KitChanges.Kind.LOW,
            KitChanges.Kind.USED_UP,
            KitChanges.Kind.THROWN_AWAY,
            KitChanges.Kind.BOUGHT);

    private final Catalogue catalogue;
    private final Formulas formulas;
    private final KitChanges changes;
    private final StockTaking shelf;
    private final StudioTime time;
    private final Words words;

    KitController(
            Catalogue catalogue,
            Formulas formulas,
            KitChanges changes,
            StockTaking shelf,
            StudioTime time,
            Words words) {
        this.catalogue = catalogue;
        this.formulas = formulas;
        this.changes = changes;
        this.shelf = shelf;
        this.time = time;
        this.words = words;
    }

    /** One product in the list. */
    record Row(
            long id,
            String name,
            String what,
            String drawing,
            String until,
            boolean past,
            String keeps,
            Stock stock,
            boolean badDate) {
        public boolean inStock() {
            return stock != Stock.OUT;
        }
    }

    @GetMapping
    String list(
            @CurrentMember Member me,
            KitQuery query,
            @RequestParam(defaultValue = "0") int page,
            @RequestParam(defaultValue = "false") boolean field,
            Model model) {
        Kit.Page shown = catalogue.page(me.studio(), query, page);
        model.addAttribute("field", field ? catalogue.field(me.studio(), query) : null);
        model.addAttribute("last", changes.last(me.studio()).orElse(null));
        model.addAttribute("deeds", DEEDS);
        model.addAttribute("query", query);
        model.addAttribute("roles", Role.values());
        model.addAttribute("forms", Form.values());
        model.addAttribute("finishes", Finish.values());
        model.addAttribute("depths", Depth.values());
        model.addAttribute("families", Undertone.Family.values());
        model.addAttribute("states", KitQuery.State.values());
        model.addAttribute("sorts", KitQuery.Sort.values());
        model.addAttribute("page", shown);
        model.addAttribute(
                "rows",
                shown.products().stream()
                        .map(p -> row(p, time.today(me.studio())))
                        .toList());
        return "kit/list";
    }

    private Row row(Product p, LocalDate today) {
        LocalDate until = p.opened().until();
        String what = words.say("role." + p.role()) + ", "
                + words.say("form." + p.form()).toLowerCase(words.locale()) + ", "
                + words.say("finish." + p.finish()).toLowerCase(words.locale());
        return new Row(
                p.id(),
                p.fullName(),
                what,
                drawing(p),
                until == null ? null : until.toString(),
                until != null && until.isBefore(today),
                keeps(until, today),
                p.stock(),
                p.opened().bad());
    }

    private static String drawing(Product p) {
        Stones stones = new Stones();
        String settled = stones.pebble(p.stoneId(), 24, 22, 17);
        return p.traits().colourless()
                ? new Drawn().hollow(settled).toString()
                : new Drawn()
                        .shade(stones.pebble(p.stoneId(), 56, 22, 12), Srgb.hex(p.wet()))
                        .stone(settled, Srgb.hex(p.settled()))
                        .toString();
    }

    /** Returns how long it keeps, in weeks, when that is soon; else null. */
    private String keeps(LocalDate until, LocalDate today) {
        long weeks = until == null ? -1 : ChronoUnit.DAYS.between(today, until) / DAYS_OF_A_WEEK;
        return until == null || until.isBefore(today) || weeks > SHOWN_WEEKS ? null : words.say("kit.keeps", weeks);
    }

    /** Does something to all that are ticked. */
    @PostMapping("/selected")
    String selected(
            @CurrentMember Member me,
            @RequestParam(name = "ids", required = false) List<Long> ids,
            @RequestParam KitChanges.Kind what,
            @RequestParam(defaultValue = "/kit") String back,
            RedirectAttributes next) {
        if (ids == null || ids.isEmpty()) {
            next.addFlashAttribute("nothing", true);
            return back(back);
        }
        shelf.change(me, what, ids);
        return back(back);
    }

    /** Takes the whole of a change back. */
    @PostMapping("/undo/{change}")
    String undo(
            @CurrentMember Member me,
            @PathVariable long change,
            @RequestParam(defaultValue = "/kit") String back,
            RedirectAttributes next) {
        next.addFlashAttribute("stay", changes.undo(me, change));
        return back(back);
    }

    /** Only to pages of the kit: an address from outside leads nowhere else. */
    private static String back(String wanted) {
        return "redirect:" + (wanted.matches("/kit(/shopping)?(\\?[^\\s]*)?") ? wanted : "/kit");
    }

    /** What is to be bought, to be printed. */
    @GetMapping("/shopping")
    String shopping(@CurrentMember Member me, Model model) {
        LocalDate today = time.today(me.studio());
        List<Product> wanted = catalogue.toBuy(me.studio());
        Map<Long, Formula> packs = formulas.recorded(me.studio());
        model.addAttribute("rows", wanted.stream().map(p -> row(p, today)).toList());
        model.addAttribute("packs", packs);
        model.addAttribute(
                "total",
                wanted.stream()
                        .map(p -> packs.get(p.id()))
                        .filter(f -> f != null && f.price() != null)
                        .mapToDouble(Formula::price)
                        .sum());
        model.addAttribute(
                "unpriced",
                wanted.stream()
                        .filter(p ->
                                packs.get(p.id()) == null || packs.get(p.id()).price() == null)
                        .count());
        model.addAttribute("today", today);
        model.addAttribute("last", changes.last(me.studio()).orElse(null));
        return "kit/shopping";
    }
}
