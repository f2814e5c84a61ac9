package scree.app.gaps;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import scree.app.kit.Formulas;
import scree.app.kit.Product;
import scree.app.look.Figures;
import scree.app.look.Stones;
import scree.app.studio.CurrentMember;
import scree.app.studio.Member;
import scree.app.web.StaleSave;
import scree.app.web.Words;
import scree.core.colour.Srgb;
import scree.core.judge.RoleGaps;
import scree.core.mix.CheapestSet;
import scree.core.mix.KitGaps;
import scree.core.mix.Recipe;
import scree.core.shade.Role;

/** Which skins the kit can meet, and which purchase would close most of what it cannot. */
@Controller
@RequestMapping("/kit/gaps")
class GapsController {
    private static final int LONGEST = 20_000;
    private static final String PAGE = "gaps/page";
    private final Gaps gaps;
    private final ShownMarks marks;

    private final Formulas formulas;
    private final Words words;

    GapsController(Gaps gaps, ShownMarks marks, Formulas formulas, Words words) {
        this.gaps = gaps;
        this.marks = marks;
        this.formulas = formulas;
        this.words = words;
    }

    /** One skin of the grid: a stone, filled as far as the kit meets it. */
    record Cell(String lean, String stone, String colour, String reach, String how, String figure, String title) {}

    /** One depth. */
    record Row(int lightness, List<Cell> cells) {}

    /** What a purchase would do. */
    record Gain(String name, String stone, String colour, String words, boolean best) {}

    /**
     * @param role asks for a role instead of bases
     * @param shown whether the corrector for what clients show is asked for
     */
    @GetMapping
    String page(
            @CurrentMember Member me,
            @RequestParam(required = false) Role role,
            @RequestParam(defaultValue = "false") boolean shown,
            Model model) {
        model.addAttribute("roles", RoleGaps.ASKED);
        model.addAttribute("role", role);
        if (role != null) {
            model.addAttribute("askable", role == Role.CORRECTOR);
            if (role == Role.CORRECTOR && shown) {
                corrector(me, model);
            }
            return RoleGaps.ASKED.contains(role) ? inRole(me, role, model) : "redirect:/kit/gaps";
        }
        return show(me, formulas.purchases(me.studio()).words(), model);
    }

    private void corrector(Member me, Model model) {
        var found = marks.corrector(me.studio());
        model.addAttribute(
                "corrector",
                found.map(o -> say(
                                "gaps.corrector.one",
                                say("correct.leaning." + o.leaning()),
                                Figures.one(o.colour().lightness()),
                                o.helped(),
                                o.asked()))
                        .orElse(say("gaps.corrector.none")));
        model.addAttribute(
                "correctorColour", found.map(o -> Srgb.hex(o.colour())).orElse(null));
    }

    private String inRole(Member me, Role role, Model model) {
        List<RoleGaps.Cell<Product>> cells = gaps.inRole(me.studio(), role);
        int leans = KitGaps.Lean.values().length;
        List<Row> rows = new ArrayList<>();
        for (int i = 0; i < cells.size(); i += leans) {
            List<RoleGaps.Cell<Product>> row = cells.subList(i, i + leans);
            rows.add(new Row(
                    row.get(0).lightness(), row.stream().map(this::served).toList()));
        }
        long served = cells.stream().filter(RoleGaps.Cell::served).count();
        long open = cells.size() - served;
        String name = say("role." + role);
        model.addAttribute("rows", rows);
        model.addAttribute("leans", KitGaps.Lean.values());
        model.addAttribute(
                "verdict", open == 0 ? say("gaps.role.all", name) : say("gaps.role.verdict", name, served, open));
        model.addAttribute("asked", role);
        model.addAttribute(
                "nothing", role == Role.CORRECTOR ? say("gaps.corrector.empty") : say("gaps.role.empty", name));
        model.addAttribute("empty", cells.stream().allMatch(c -> c.best().isEmpty()));
        return PAGE;
    }

    private Cell served(RoleGaps.Cell<Product> c) {
        String how = c.best().map(Product::fullName).orElse(null);
        String seen = c.mark() == null
                ? say("looks." + c.looks())
                : say("gaps.mark", say("mark." + c.mark()), say("looks." + c.looks()));
        String lean = say("lean." + c.lean());
        String title = how == null
                ? say("gaps.role.none", lean, c.lightness())
                : c.served()
                        ? say(c.just() ? "gaps.role.just" : "gaps.role.fits", lean, c.lightness(), how)
                        : say("gaps.role.not", lean, c.lightness(), how, seen);
        return new Cell(
                c.lean().name(),
                new Stones().pebble("skin-" + c.lean() + c.lightness(), 30, 22, 15),
                Srgb.hex(c.skin()),
                c.served() ? c.just() ? "mixed" : "alone" : "not",
                c.served() ? how : seen,
                null,
                title);
    }

    /** Finds the cheapest purchases for the clients that are ticked. */
    @GetMapping("/cheapest")
    String cheapest(@CurrentMember Member me, @RequestParam(required = false) List<Long> clients, Model model) {
        model.addAttribute("roles", RoleGaps.ASKED);
        model.addAttribute("chosen", clients == null ? List.of() : clients);
        String list = formulas.purchases(me.studio()).words();
        if (clients != null && !clients.isEmpty()) {
            model.addAttribute("most", CheapestSet.MOST_CLIENTS);
            model.addAttribute("tooMany", clients.size() > CheapestSet.MOST_CLIENTS);
            model.addAttribute("cheapest", gaps.cheapest(me.studio(), list, clients));
        } else {
            model.addAttribute("nobody", true);
        }
        return show(me, list, model);
    }

    /** Keeps the list as it was typed and weighs it; lines that cannot be read are named, the rest is weighed. */
    @PostMapping
    String weigh(
            @CurrentMember Member me,
            @RequestParam(defaultValue = "") String list,
            @RequestParam(defaultValue = "0") int version,
            Model model) {
        model.addAttribute("roles", RoleGaps.ASKED);
        if (list.length() > LONGEST) {
            model.addAttribute("problems", List.of(say("gaps.long", list.length(), LONGEST)));
            model.addAttribute("typed", list);
            return show(me, formulas.purchases(me.studio()).words(), model);
        }
        try {
            formulas.putPurchases(me.studio(), new Formulas.Purchases(list, version));
        } catch (StaleSave meanwhile) {
            Formulas.Purchases stored = (Formulas.Purchases) meanwhile.stored();
            model.addAttribute("stored", stored.words());
            model.addAttribute("typed", list);
            return show(me, stored.words(), model);
        }
        return show(me, list, model);
    }

    private String show(Member me, String list, Model model) {
        Gaps.Answer answer = gaps.of(me.studio(), list);
        int leans = KitGaps.Lean.values().length;
        List<Row> rows = new ArrayList<>();
        for (int i = 0; i < answer.cells().size(); i += leans) {
            List<KitGaps.Cell> row = answer.cells().subList(i, i + leans);
            rows.add(new Row(
                    row.get(0).lightness(),
                    row.stream().map(c -> cell(c, answer.names())).toList()));
        }
        model.addAttribute("rows", rows);
        model.addAttribute("leans", KitGaps.Lean.values());
        model.addAttribute("verdict", verdict(answer));
        model.addAttribute("empty", answer.empty());
        model.addAttribute("asked", Role.BASE);
        model.addAttribute("nothing", say("kit.gaps.thereIsNoBase"));
        model.addAttribute("version", answer.version());
        model.addAttribute("gains", gains(answer));
        if (!model.containsAttribute("problems")) {
            model.addAttribute(
                    "problems",
                    answer.list().problems().stream()
                            .map(p -> say("purchase." + p.code(), p.args()))
                            .toList());
        }
        if (!model.containsAttribute("typed")) {
            model.addAttribute("typed", list);
        }
        model.addAttribute("known", gaps.known(me.studio()));
        return PAGE;
    }

    private String verdict(Gaps.Answer answer) {
        long alone = answer.reached(KitGaps.Reach.ALONE);
        long mixed = answer.reached(KitGaps.Reach.MIXED);
        long open = answer.cells().size() - alone - mixed;
        return say(open == 0 ? "gaps.verdict.all" : "gaps.verdict", alone, mixed, open);
    }

    private Cell cell(KitGaps.Cell c, Map<Long, String> names) {
        String how = c.recipe().map(r -> counted(r, names)).orElse(null);
        String figure = c.recipe().map(r -> Figures.one(r.difference())).orElse(null);
        String reach = c.reach().name().toLowerCase(Locale.ROOT);
        return new Cell(
                c.lean().name(),
                new Stones().pebble("skin-" + c.lean() + c.lightness(), 30, 22, 15),
                Srgb.hex(c.skin()),
                reach,
                how,
                figure,
                say("gaps.cell." + c.reach(), say("lean." + c.lean()), c.lightness(), how, figure));
    }

    private static String counted(Recipe recipe, Map<Long, String> names) {
        boolean one = recipe.parts().size() == 1;
        return recipe.parts().stream()
                .map(p ->
                        (one ? "" : p.count() + " ") + names.get(p.ingredient().id()))
                .collect(Collectors.joining(" + "));
    }

    private List<Gain> gains(Gaps.Answer answer) {
        Map<Long, String> names = answer.list().offers().stream()
                .collect(Collectors.toMap(o -> o.ingredient().id(), PurchaseList.Offer::name));
        List<Gain> gains = new ArrayList<>();
        for (KitGaps.Gain g : answer.gains()) {
            String name = names.get(g.purchase().id());
            gains.add(new Gain(
                    name,
                    new Stones().pebble(name, 24, 20, 16),
                    Srgb.hex(g.purchase().spectrum().toLab()),
                    say(g.closed() == 0 ? "gaps.gain.none" : "gaps.gain", g.alone(), g.mixed()),
                    gains.isEmpty() && g.closed() > 0));
        }
        return gains;
    }

    private String say(String key, Object... args) {
        return words.say(key, args);
    }
}
