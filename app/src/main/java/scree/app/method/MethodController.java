package scree.app.method;

import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import scree.app.client.Clients;
import scree.app.studio.CurrentMember;
import scree.app.studio.Member;
import scree.app.studio.OpenTo;
import scree.app.studio.Role;
import scree.app.studio.StudioTime;
import scree.app.web.NotHere;
import scree.app.web.Words;

/** How the studio, the artist, and the artist with one client work. */
@Controller
@RequestMapping("/method")
class MethodController {
    private static final String WORK = "method/page :: work";

    private final Methods methods;
    private final Clients clients;
    private final TrialFaces faces;
    private final StudioTime time;
    private final Words words;

    MethodController(Methods methods, Clients clients, TrialFaces faces, StudioTime time, Words words) {
        this.methods = methods;
        this.clients = clients;
        this.faces = faces;
        this.time = time;
        this.words = words;
    }

    /**
     * What is asked of a method.
     *
     * @param age of the face that it is tried on, thirty where nothing is said
     * @param setting to be settled
     * @param value null gives it back to what lies under it
     */
    record Ask(TrialDrawing.Age age, Setting setting, String value) {
        Ask {
            age = age == null ? TrialDrawing.Age.THIRTY : age;
        }
    }

    private static final Methods.Whose MINE = new Methods.Whose(Level.ARTIST, null);
    private static final Methods.Whose STUDIO = new Methods.Whose(Level.STUDIO, null);

    private static Methods.Whose with(long client) {
        return new Methods.Whose(Level.CLIENT, client);
    }

    @GetMapping
    String mine(@CurrentMember Member me, Ask ask, Model model) {
        return page(me, MINE, ask, model);
    }

    @GetMapping("/studio")
    String studio(@CurrentMember Member me, Ask ask, Model model) {
        return page(me, STUDIO, ask, model);
    }

    @GetMapping("/clients/{client}")
    String client(@CurrentMember Member me, @PathVariable long client, Ask ask, Model model) {
        return page(me, with(client), ask, model);
    }

    @PostMapping
    String settleMine(@CurrentMember Member me, Ask ask, Model model) {
        return settled(me, MINE, ask, model);
    }

    @PostMapping("/studio")
    @OpenTo(Role.OWNER)
    String settleStudio(@CurrentMember Member me, Ask ask, Model model) {
        return settled(me, STUDIO, ask, model);
    }

    @PostMapping("/clients/{client}")
    String settleClient(@CurrentMember Member me, @PathVariable long client, Ask ask, Model model) {
        return settled(me, with(client), ask, model);
    }

    @PostMapping("/usual")
    String resetMine(@CurrentMember Member me, Ask ask, Model model) {
        return reset(me, MINE, ask, model);
    }

    @PostMapping("/studio/usual")
    @OpenTo(Role.OWNER)
    String resetStudio(@CurrentMember Member me, Ask ask, Model model) {
        return reset(me, STUDIO, ask, model);
    }

    @PostMapping("/clients/{client}/usual")
    String resetClient(@CurrentMember Member me, @PathVariable long client, Ask ask, Model model) {
        return reset(me, with(client), ask, model);
    }

    private String page(Member me, Methods.Whose whose, Ask ask, Model model) {
        fill(me, whose, ask.age(), model);
        return "method/page";
    }

    /** An amount out of bounds is refused beside it and stays as it was typed. */
    private String settled(Member me, Methods.Whose whose, Ask ask, Model model) {
        Setting setting = NotHere.unless(ask.setting(), "setting");
        try {
            methods.settle(me, whose, setting, ask.value());
        } catch (IllegalArgumentException refused) {
            if (!setting.amount()) {
                throw refused;
            }
            model.addAttribute("refused", setting.name());
            model.addAttribute("why", words.say("method.refused", setting.least(), setting.most()));
            model.addAttribute("typed", ask.value());
        }
        fill(me, whose, ask.age(), model);
        return WORK;
    }

    private String reset(Member me, Methods.Whose whose, Ask ask, Model model) {
        methods.reset(me, whose);
        fill(me, whose, ask.age(), model);
        return WORK;
    }

    private void fill(Member me, Methods.Whose whose, TrialDrawing.Age age, Model model) {
        String client = whose.client() == null
                ? null
                : clients.get(me.studio(), whose.client()).name();
        boolean mayChange = whose.level() != Level.STUDIO || me.role() == Role.OWNER;
        MethodView.Asked asked =
                new MethodView.Asked(whose, client, mayChange, faces.of(me.studio(), whose.client()), age);
        MethodView.Known known =
                new MethodView.Known(methods.of(me, whose), methods.under(me, whose), methods.own(me, whose));
        model.addAttribute("view", MethodView.of(asked, known, tabs(whose, client), time.zone(me.studio()), words));
        model.addAttribute("age", age.name());
    }

    private List<MethodView.Tab> tabs(Methods.Whose whose, String client) {
        List<MethodView.Tab> tabs = new ArrayList<>();
        for (Level level : List.of(Level.STUDIO, Level.ARTIST)) {
            tabs.add(new MethodView.Tab(
                    words.say("method.tab." + level),
                    MethodView.url(new Methods.Whose(level, null)),
                    whose.level() == level));
        }
        if (client != null) {
            tabs.add(new MethodView.Tab(words.say("method.tab.CLIENT", client), MethodView.url(whose), true));
        }
        return tabs;
    }
}
