package scree.app.record;

import jakarta.servlet.http.HttpServletRequest;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import scree.app.base.BaseChoice;
import scree.app.base.Bases;
import scree.app.base.Worn;
import scree.app.client.Client;
import scree.app.client.Clients;
import scree.app.look.Stones;
import scree.app.picture.Picture;
import scree.app.picture.Pictures;
import scree.app.proof.Proofs;
import scree.app.remote.RemoteLinks;
import scree.app.sitting.Sitting;
import scree.app.sitting.Sittings;
import scree.app.skin.Readings;
import scree.app.skin.SkinWords;
import scree.app.skin.TakenReading;
import scree.app.studio.Accounts;
import scree.app.studio.CurrentMember;
import scree.app.studio.Member;
import scree.app.studio.OpenTo;
import scree.app.studio.Role;
import scree.app.studio.StudioTime;
import scree.app.web.CalendarDay;
import scree.app.web.Once;
import scree.app.web.Origin;
import scree.app.web.Words;
import scree.core.colour.Srgb;
import scree.core.light.LightVerdict;
import scree.core.skin.MatchTarget;
import scree.core.skin.SeasonPoint;

/** The record of a client: who they are and what was read and taken, sitting by sitting. */
@Controller
class RecordController {
    private static final int LONGEST_EVENT = 120;
    private static final int LEAST_MINUTES = 5;
    private static final int MOST_MINUTES = 480;
    private final Clients clients;
    private final Sittings sittings;
    private final Readings readings;
    private final Bases bases;
    private final Pictures pictures;
    private final Accounts accounts;
    private final RemoteLinks links;
    private final Proofs proofs;
    private final Words words;
    private final SkinWords skinWords;
    private final StudioTime time;
    private final Once once;
    private final Origin origin;

    RecordController(
            Clients clients,
            Sittings sittings,
            Readings readings,
            Bases bases,
            Pictures pictures,
            Accounts accounts,
            RemoteLinks links,
            Proofs proofs,
            Words words,
            SkinWords skinWords,
            StudioTime time,
            Once once,
            Origin origin) {
        this.once = once;
        this.origin = origin;
        this.clients = clients;
        this.sittings = sittings;
        this.readings = readings;
        this.bases = bases;
        this.pictures = pictures;
        this.accounts = accounts;
        this.links = links;
        this.proofs = proofs;
        this.words = words;
        this.skinWords = skinWords;
        this.time = time;
    }

    /** One sitting in the record. */
    record Entry(
            long sitting,
            String day,
            String event,
            String artist,
            Long picture,
            String skin,
            String skinColour,
            String skinStone,
            String depth,
            String base,
            String baseColour,
            String baseStone,
            String figure,
            String rank,
            String note,
            String against,
            String trust,
            List<String> told) {}

    /** A year of a client's story, the newest first. */
    record Year(int year, List<Entry> entries) {}

    /** A client in the list. */
    record Line(Client client, String stone) {}

    @OpenTo({Role.OWNER, Role.ARTIST, Role.ASSISTANT})
    @GetMapping("/clients")
    String list(
            @CurrentMember Member me,
            @RequestParam(defaultValue = "") String find,
            @RequestParam(defaultValue = "false") boolean sitting,
            Model model) {
        Stones stones = new Stones();
        model.addAttribute("sitting", sitting);
        model.addAttribute("find", find);
        model.addAttribute(
                "lines",
                clients.search(me.studio(), find).stream()
                        .map(c -> new Line(c, stones.pebble("client-" + c.id(), 24, 20, 15)))
                        .toList());
        return "client/list";
    }

    @OpenTo({Role.OWNER, Role.ARTIST, Role.ASSISTANT})
    @GetMapping("/clients/{id}")
    String record(@CurrentMember Member me, @PathVariable long id, Model model, HttpServletRequest request) {
        Client client = clients.get(me.studio(), id);
        List<Sitting> past = sittings.ofClient(me.studio(), id);
        List<Long> ids = past.stream().map(Sitting::id).toList();
        Map<Long, TakenReading> skins = readings.of(me.studio(), ids);
        Map<Long, BaseChoice> choices = bases.choices(me.studio(), ids);
        Map<Long, Picture> shots = pictures.latest(me.studio(), ids);
        Map<Long, List<String>> told = proofs.toldBySitting(me.studio(), id);
        List<Entry> entries = new ArrayList<>();
        for (Sitting s : past) {
            entries.add(entry(
                    s,
                    skins.get(s.id()),
                    choices.get(s.id()),
                    shots.get(s.id()),
                    told.getOrDefault(s.id(), List.of())));
        }
        Map<Integer, List<Entry>> years = new TreeMap<>(Comparator.reverseOrder());
        for (int i = 0; i < entries.size(); i++) {
            int year = past.get(i).startsAt().getYear();
            years.computeIfAbsent(year, y -> new ArrayList<>()).add(entries.get(i));
        }
        List<SeasonView.Sat> sats = past.stream()
                .filter(s -> skins.containsKey(s.id()))
                .flatMap(s -> SeasonPoint.of(
                        s.startsAt().toLocalDate(), skins.get(s.id()).skin())
                        .map(p -> new SeasonView.Sat(s.id(), p, choices.get(s.id())))
                        .stream())
                .toList();
        model.addAttribute("season", SeasonView.of(sats, words));
        model.addAttribute("origin", origin.of(request));
        model.addAttribute("links", links.open(me.studio(), id));
        model.addAttribute("client", client);
        model.addAttribute("learned", proofs.learned(me.studio(), id));
        model.addAttribute(
                "years",
                years.entrySet().stream()
                        .map(y -> new Year(y.getKey(), y.getValue()))
                        .toList());
        model.addAttribute("entries", entries);
        model.addAttribute(
                "age",
                client.birthYear() == null ? null : time.today(me.studio()).getYear() - client.birthYear());
        model.addAttribute("artists", accounts.artists(me.studio()));
        if (!model.containsAttribute("sittingForm")) {
            model.addAttribute("sittingForm", SittingForm.usual(time.today(me.studio()), me.artistId()));
        }
        return "client/page";
    }

    private Entry entry(Sitting s, TakenReading taken, BaseChoice choice, Picture shot, List<String> told) {
        Stones stones = new Stones();
        var target = taken == null
                ? java.util.Optional.<MatchTarget>empty()
                : MatchTarget.from(taken.skin(), MatchTarget.School.JAW_TO_NECK);
        return new Entry(
                s.id(),
                words.date("date.day", s.startsAt()),
                s.event(),
                s.artistFirstName(),
                shot == null ? null : shot.id(),
                taken == null ? null : skinWords.verdict(taken),
                target.map(t -> Srgb.hex(t.colour())).orElse(null),
                stones.pebble("client-" + s.clientId(), 24, 20, 16),
                target.map(t -> String.format(Locale.ROOT, "L* %.1f", t.colour().lightness()))
                        .orElse(null),
                choice == null ? null : choice.fullName(),
                choice == null ? null : Srgb.hex(choice.settled()),
                choice == null ? null : stones.pebble(choice.stoneId(), 24, 20, 16),
                choice == null ? null : String.format(Locale.ROOT, "ΔE %.1f", choice.difference()),
                choice == null || choice.standing().rank() == 1
                        ? null
                        : words.say("record.rank", choice.standing().rank()),
                choice == null ? null : note(choice),
                choice == null ? null : choice.standing().overruled(),
                choice != null && choice.provisional()
                        ? words.say(
                                choice.light() == LightVerdict.Grade.UNFIT
                                        ? "record.provisional.light"
                                        : "record.provisional")
                        : null,
                told);
    }

    /** Returns the note with the bridge to the neck that was kept beside the base. */
    private String note(BaseChoice choice) {
        Worn.Neck kept = choice.worn().neck();
        if (kept == null) {
            return choice.note();
        }
        String neck = words.say("neck.way." + kept.way());
        return choice.note() == null ? neck : choice.note() + ". " + neck;
    }

    /** What the form of a new sitting sends; kept as typed when something has to be mended. */
    record SittingForm(String day, String time, String minutes, Long artist, String event) {
        static SittingForm usual(LocalDate today, long artist) {
            return new SittingForm(today.toString(), "10:00", "45", artist, "");
        }
    }

    /** Opens a sitting for a client. */
    @PostMapping("/clients/{id}/sittings")
    String open(
            @CurrentMember Member me,
            @PathVariable long id,
            SittingForm form,
            @RequestParam(name = "once", required = false) String token,
            Model model,
            HttpServletRequest request) {
        clients.get(me.studio(), id);
        LocalDate day = day(form.day(), time.today(me.studio()));
        LocalTime time = time(form.time());
        Integer minutes = minutes(form.minutes());
        boolean ours =
                form.artist() != null && accounts.artists(me.studio()).stream().anyMatch(a -> a.id() == form.artist());
        String wrong =
                day == null ? "day" : time == null ? "time" : minutes == null ? "minutes" : ours ? null : "artist";
        if (wrong != null) {
            model.addAttribute("refused", words.say("record.refused." + wrong));
            model.addAttribute("sittingForm", form);
            return record(me, id, model, request);
        }
        String typed = form.event() == null ? "" : form.event().strip();
        String event = typed.isEmpty()
                ? words.say("record.event")
                : typed.substring(0, Math.min(LONGEST_EVENT, typed.length()));
        return "redirect:"
                + once.only(
                        me.studio(),
                        token,
                        () -> "/sittings/"
                                + sittings.add(
                                        me.studio(), id, form.artist(), LocalDateTime.of(day, time), minutes, event));
    }

    private LocalDate day(String text, LocalDate today) {
        try {
            LocalDate day = LocalDate.parse(text == null ? "" : text.strip());
            return CalendarDay.Bounds.means(day, today) ? day : null;
        } catch (DateTimeException e) {
            return null;
        }
    }

    private static LocalTime time(String text) {
        try {
            return LocalTime.parse(text == null ? "" : text.strip());
        } catch (DateTimeException e) {
            return null;
        }
    }

    private static Integer minutes(String text) {
        try {
            int minutes = Integer.parseInt(text == null || text.isBlank() ? "45" : text.strip());
            return minutes >= LEAST_MINUTES && minutes <= MOST_MINUTES ? minutes : null;
        } catch (NumberFormatException e) {
            return null;
        }
    }
}
