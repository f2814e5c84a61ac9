package scree.app.chair;

import java.time.Clock;
import java.time.LocalDateTime;
import java.util.Comparator;
import java.util.List;
import java.util.regex.Pattern;
import org.springframework.http.CacheControl;
import org.springframework.http.ResponseEntity;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.stereotype.Controller;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import scree.app.order.Orders;
import scree.app.order.TakenOrder;
import scree.app.picture.Pictures;
import scree.app.picture.Upload;
import scree.app.sitting.Cairns;
import scree.app.sitting.CareWords;
import scree.app.sitting.Sitting;
import scree.app.sitting.Sittings;
import scree.app.studio.CurrentMember;
import scree.app.studio.Member;
import scree.app.studio.OpenTo;
import scree.app.studio.Role;
import scree.app.studio.StudioTime;
import scree.app.web.BadInput;
import scree.core.image.PictureRefused;
import scree.core.routine.Progress;
import scree.core.routine.StepCode;
import tools.jackson.databind.json.JsonMapper;

/** The Chair stage: before the work begins what is ahead, then one step at a time, full screen; notes come in and go out as JSON. */
@Controller
@RequestMapping("/sittings/{id}/chair")
@OpenTo({Role.OWNER, Role.ARTIST, Role.ASSISTANT, Role.TRAINEE})
class ChairController {
    private static final Pattern DEVICE = Pattern.compile("[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}");
    private static final int MOST_NOTES = 500;
    private static final int MOST_SEQ = 1_000_000;
    private static final int MOST_WORDS = 2000;

    private final Sittings sittings;
    private final Chairs chairs;
    private final Orders orders;
    private final Cairns cairns;
    private final Pictures pictures;
    private final StudioTime time;
    private final CareWords care;
    private final ChairWords words;
    private final JsonMapper json;
    private final Clock clock;

    ChairController(
            Sittings sittings,
            Chairs chairs,
            Orders orders,
            Cairns cairns,
            Pictures pictures,
            StudioTime time,
            CareWords care,
            ChairWords words,
            JsonMapper json,
            Clock clock) {
        this.sittings = sittings;
        this.chairs = chairs;
        this.orders = orders;
        this.cairns = cairns;
        this.pictures = pictures;
        this.time = time;
        this.care = care;
        this.words = words;
        this.json = json;
        this.clock = clock;
    }

    /**
     * What a device is told.
     *
     * @param now on the server's clock, milliseconds since 1970
     * @param no of the plan that is followed
     * @param notes that came after the ones it has
     * @param offer what the order has otherwise by now, empty for nothing, null where it was not asked
     * @param next the artist's next face by now, null for none or where it was not asked
     * @param token for what it sends next
     */
    record State(long now, int no, List<ChairView.NoteOf> notes, String offer, ChairView.Next next, String token) {}

    /** In one transaction, so that what stages and rooms ask is read once. */
    @GetMapping
    @Transactional(readOnly = true)
    String page(@CurrentMember Member me, @PathVariable long id, Model model) {
        Sitting sitting = sittings.get(me.studio(), id);
        TakenChair taken = chairs.of(me.studio(), id).orElse(null);
        model.addAttribute("sitting", sitting);
        if (taken == null) {
            return ahead(me, sitting, model);
        }
        ChairPlan.Difference offer = chairs.offered(me.studio(), taken).orElse(null);
        ChairView.Beside beside = new ChairView.Beside(
                clock.instant(),
                time.zone(me.studio()),
                nextFace(me, sitting),
                chairs.others(me.studio(), sitting, taken.plan()),
                chairs.gone(me.studio(), taken.plan()),
                care.grave(sitting, sitting.intakeAt() != null),
                offer);
        ChairView view = ChairView.of(taken, beside, words);
        model.addAttribute("view", view);
        model.addAttribute("script", json.writeValueAsString(view.script()));
        return "chair/page";
    }

    /** Before the work begins: how long it takes and what is not there yet. */
    private String ahead(Member me, Sitting sitting, Model model) {
        boolean unreadable = chairs.unreadable(me.studio(), sitting.id());
        TakenOrder order = orders.of(me.studio(), sitting.id());
        LocalDateTime done = time.now(me.studio()).plusMinutes((order.order().end() + 1) / 2);
        boolean late = done.isAfter(sitting.endsAt())
                && done.toLocalDate().equals(sitting.endsAt().toLocalDate());
        model.addAttribute("cairn", cairns.of(me.studio(), sitting, "chair"));
        model.addAttribute("unreadable", unreadable);
        model.addAttribute("no", chairs.no(me.studio(), sitting.id()));
        model.addAttribute("open", order.gathered().open());
        model.addAttribute(
                "ahead",
                words.say(
                        late ? "chair.begin.late" : "chair.begin.words",
                        order.order().timed().size(),
                        words.minutes(order.order().end()),
                        words.date("chair.time", done),
                        words.date("chair.time", sitting.endsAt())));
        model.addAttribute("cautions", care.all(sitting));
        return "chair/ahead";
    }

    /** When the artist's next face of today begins, null when this is the last. A face that is done on another day than its own has what is still to come after it. */
    private LocalDateTime nextFace(Member me, Sitting sitting) {
        LocalDateTime now = time.now(me.studio());
        LocalDateTime after = sitting.startsAt().toLocalDate().equals(now.toLocalDate()) ? sitting.startsAt() : now;
        return sittings.on(me.studio(), now.toLocalDate()).stream()
                .filter(s -> s.artistId() == sitting.artistId() && !s.done())
                .map(Sitting::startsAt)
                .filter(start -> start.isAfter(after))
                .min(Comparator.naturalOrder())
                .orElse(null);
    }

    @PostMapping("/begin")
    String begin(@CurrentMember Member me, @PathVariable long id) {
        chairs.begin(me, id);
        return "redirect:/sittings/" + id + "/chair";
    }

    @PostMapping("/anew")
    String anew(@CurrentMember Member me, @PathVariable long id, @RequestParam int no) {
        chairs.anew(me, id, no);
        return "redirect:/sittings/" + id + "/chair";
    }

    /** Takes what the order has by now. */
    @PostMapping("/take")
    String take(@CurrentMember Member me, @PathVariable long id, @RequestParam int no) {
        chairs.take(me, id, no);
        return "redirect:/sittings/" + id + "/chair";
    }

    @GetMapping("/state")
    ResponseEntity<State> state(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam(defaultValue = "0") long since,
            @RequestParam(defaultValue = "false") boolean look,
            CsrfToken token) {
        return told(me, id, since, look, token);
    }

    @PostMapping("/notes")
    ResponseEntity<State> notes(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam(defaultValue = "0") long since,
            @RequestBody List<Chairs.Said> notes,
            CsrfToken token) {
        if (notes.size() > MOST_NOTES) {
            throw new BadInput("notes", "input.mismatch");
        }
        chairs.note(me, id, notes.stream().map(ChairController::proper).toList());
        return told(me, id, since, false, token);
    }

    /** A picture of the work, with the number of its note. */
    @PostMapping("/picture")
    ResponseEntity<State> picture(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam(defaultValue = "0") long since,
            @RequestParam String device,
            @RequestParam int seq,
            @RequestParam StepCode step,
            @RequestParam long at,
            @RequestParam(defaultValue = "") String words,
            @RequestParam MultipartFile picture,
            CsrfToken token) {
        sittings.get(me.studio(), id);
        Chairs.Said said = proper(new Chairs.Said(device, seq, Progress.Kind.PICTURE, step, at, words, null));
        try {
            chairs.picture(me, id, said, pictures.ready(Upload.of(picture)));
        } catch (PictureRefused refused) {
            return ResponseEntity.unprocessableContent().build();
        }
        return told(me, id, since, false, token);
    }

    private ResponseEntity<State> told(Member me, long id, long since, boolean look, CsrfToken token) {
        String offer = !look
                ? null
                : chairs.of(me.studio(), id)
                        .flatMap(t -> chairs.offered(me.studio(), t))
                        .map(words::difference)
                        .orElse("");
        ChairView.Next next = !look
                ? null
                : ChairView.Next.of(nextFace(me, sittings.get(me.studio(), id)), time.zone(me.studio()), words);
        List<ChairView.NoteOf> notes = chairs.since(me.studio(), id, since).stream()
                .map(ChairView.NoteOf::of)
                .toList();
        return ResponseEntity.ok()
                .cacheControl(CacheControl.noStore())
                .body(new State(clock.millis(), chairs.no(me.studio(), id), notes, offer, next, token.getToken()));
    }

    /** Refuses what no page sends; words lose what a store cannot hold. */
    private static Chairs.Said proper(Chairs.Said n) {
        boolean numbered = n.seq() > 0 && n.seq() <= MOST_SEQ && n.at() > 0;
        boolean whole = n.kind() != null && (n.step() != null || n.kind().ofAll());
        if (n.device() == null || !DEVICE.matcher(n.device()).matches() || !numbered || !whole) {
            throw new BadInput("notes", "input.mismatch");
        }
        String words = n.words() == null ? "" : n.words().replace("\0", "").strip();
        if (words.length() > MOST_WORDS) {
            throw new BadInput("words", "input.mismatch");
        }
        StepCode step = n.kind().ofAll() ? null : n.step();
        return new Chairs.Said(
                n.device(), n.seq(), n.kind(), step, n.at(), words.isEmpty() ? null : words, n.product());
    }
}
