package scree.app.reply;

import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import scree.app.face.Faces;
import scree.app.face.TakenFace;
import scree.app.homelink.HomeLink;
import scree.app.homelink.HomeLinks;
import scree.app.mail.Draft;
import scree.app.mail.Letter;
import scree.app.mail.Outbox;
import scree.app.proof.Proofs;
import scree.app.sitting.Sitting;
import scree.app.sitting.Sittings;
import scree.app.sitting.Steps;
import scree.app.skin.Readings;
import scree.app.skin.TakenReading;
import scree.app.studio.Member;
import scree.app.studio.StudioId;
import scree.app.studio.StudioTime;
import scree.app.web.NotHere;
import scree.core.face.Likeness;
import scree.core.skin.Zone;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** Answers to pictures from home: proposed, changed step by step, sent by mail or a link, and told about by the client. */
@Service
public class Replies {
    private static final Logger LOG = LoggerFactory.getLogger(Replies.class);
    private static final Steps.Kind<ReplySheet> KIND = new Steps.Kind<>("REPLY", ReplySheet.class);

    private final ReplyMapper mapper;
    private final Steps steps;
    private final Sittings sittings;
    private final Readings readings;
    private final Faces faces;
    private final Proposals proposals;
    private final HomeLinks links;
    private final Outbox outbox;
    private final Proofs proofs;
    private final ReplyWords words;
    private final StudioTime time;
    private final JsonMapper json;

    Replies(
            ReplyMapper mapper,
            Steps steps,
            Sittings sittings,
            Readings readings,
            Faces faces,
            Proposals proposals,
            HomeLinks links,
            Outbox outbox,
            Proofs proofs,
            ReplyWords words,
            StudioTime time,
            JsonMapper json) {
        this.mapper = mapper;
        this.steps = steps;
        this.sittings = sittings;
        this.readings = readings;
        this.faces = faces;
        this.proposals = proposals;
        this.links = links;
        this.outbox = outbox;
        this.proofs = proofs;
        this.words = words;
        this.time = time;
        this.json = json;
    }

    /** An answer that was sent, with what was told of it. */
    record Sent(long id, OffsetDateTime madeAt, String by, SentReply reply, List<Fit> fits) {}

    /**
     * What there is of answers.
     *
     * @param question whether the picture shows another person than the last one, empty where nothing asks for it
     */
    record Told(
            TakenReply now, List<Sent> sent, List<Letter> letters, List<HomeLink> links, Optional<Question> question) {}

    /**
     * A picture that plainly shows another face than the client's last one.
     *
     * @param before when that one was taken
     */
    record Question(Sitting before, Likeness likeness) {}

    @Transactional(readOnly = true)
    Told of(StudioId studio, long id) {
        TakenReply now = taken(studio, id);
        Map<Long, List<Fit>> fits = mapper.fits(studio, id).stream()
                .collect(Collectors.groupingBy(
                        ReplyMapper.FitRow::reply, Collectors.mapping(this::fit, Collectors.toList())));
        List<Sent> sent = new ArrayList<>();
        for (ReplyMapper.Row row : mapper.ofSitting(studio, id)) {
            reply(row.reply())
                    .ifPresent(r -> sent.add(
                            new Sent(row.id(), row.madeAt(), row.by(), r, fits.getOrDefault(row.id(), List.of()))));
        }
        return new Told(
                now,
                sent,
                outbox.of(studio, id),
                links.open(studio, id, HomeLink.Kind.REPLY),
                question(studio, now.sitting()));
    }

    private TakenReply taken(StudioId studio, long id) {
        Sitting sitting = sittings.get(studio, id);
        Optional<Steps.Present<ReplySheet>> kept = steps.present(studio, id, KIND);
        ReplySheet sheet = kept.map(Steps.Present::state).orElseGet(ReplySheet::usual);
        var reading = readings.of(studio, id);
        return new TakenReply(
                sitting,
                reading.orElse(null),
                sheet,
                kept.map(Steps.Present::seq).orElse(0),
                kept.map(Steps.Present::undoable).orElse(false),
                kept.map(Steps.Present::redoable).orElse(false),
                reading.isEmpty() ? List.of() : proposals.of(studio, sitting, sheet));
    }

    /** Returns whether a choice is stored that cannot be read. */
    boolean unreadable(StudioId studio, long sitting) {
        return steps.unreadable(studio, sitting, KIND);
    }

    /** Changes what was chosen; a step that can be undone. */
    @Transactional
    public void change(Member me, long sitting, UnaryOperator<ReplySheet> by) {
        steps.change(me, sitting, KIND, () -> Optional.of(ReplySheet.usual()), by);
    }

    /** Names a product for a part, or does not any more. */
    @Transactional
    public void pick(Member me, long sitting, ReplyPart part, long product) {
        List<Long> now = taken(me.studio(), sitting).of(part).chosen().stream()
                .map(o -> o.product().id())
                .toList();
        change(me, sitting, s -> s.toggled(part, product, now));
    }

    /** Goes one step back. */
    @Transactional
    public void undo(StudioId studio, long sitting) {
        steps.undo(studio, sitting, KIND);
    }

    /** Goes one step forth again. */
    @Transactional
    public void redo(StudioId studio, long sitting) {
        steps.redo(studio, sitting, KIND);
    }

    // ---- whose face it is ----

    /** Asks where a client's face of before is known and this one is plainly another, until somebody said. */
    private Optional<Question> question(StudioId studio, Sitting sitting) {
        if (sitting.cameInAt() == null || mapper.said(studio, sitting.id()) != null) {
            return Optional.empty();
        }
        Optional<TakenFace> face = face(studio, sitting.id());
        Optional<Sitting> before = sittings.ofClient(studio, sitting.clientId()).stream()
                .filter(s -> s.id() != sitting.id() && s.startsAt().isBefore(sitting.startsAt()))
                .sorted(Comparator.comparing(Sitting::startsAt).reversed())
                .filter(s -> face(studio, s.id()).isPresent())
                .findFirst();
        if (face.isEmpty() || before.isEmpty()) {
            return Optional.empty();
        }
        Likeness likeness = Likeness.of(
                face.get().points(),
                face(studio, before.get().id()).get().points(),
                depth(studio, sitting.id()),
                depth(studio, before.get().id()));
        return likeness.plainlyOther() ? Optional.of(new Question(before.get(), likeness)) : Optional.empty();
    }

    private Likeness.Depth depth(StudioId studio, long sitting) {
        return readings.of(studio, sitting)
                .map(TakenReading::skin)
                .flatMap(r -> r.tellingColourOf(Zone.CHEEK).map(c -> new Likeness.Depth(c.lightness(), r.within())))
                .orElse(null);
    }

    private Optional<TakenFace> face(StudioId studio, long sitting) {
        return faces.unreadable(studio, sitting) ? Optional.empty() : faces.of(studio, sitting);
    }

    /** Keeps whether the picture shows the client. */
    @Transactional
    public void say(Member me, long sitting, boolean same) {
        sittings.get(me.studio(), sitting);
        mapper.say(me.studio(), sitting, me.artistId(), same);
    }

    /** Returns whether somebody said that the picture shows someone else. */
    boolean another(StudioId studio, long sitting) {
        return Boolean.FALSE.equals(mapper.said(studio, sitting));
    }

    // ---- sending ----

    /** @throws IllegalArgumentException when the answer names nothing, or the picture was said to show someone else */
    private long keep(Member me, long id) {
        sittings.hold(me.studio(), id);
        TakenReply now = taken(me.studio(), id);
        if (now.parts().stream().noneMatch(TakenReply.Standing::named)) {
            throw new IllegalArgumentException("nothing");
        }
        if (question(me.studio(), now.sitting()).isPresent()) {
            throw new IllegalArgumentException("asked");
        }
        if (another(me.studio(), id)) {
            throw new IllegalArgumentException("another");
        }
        return mapper.add(me.studio(), id, me.artistId(), json.writeValueAsString(words.sent(now)));
    }

    /** Keeps the answer as it stands and returns the token of a link that opens it. */
    @Transactional
    public String link(Member me, long id) {
        return links.make(me, id, HomeLink.Kind.REPLY, keep(me, id));
    }

    /**
     * Keeps the answer as it stands and puts a letter with all of it and a link into the outbox.
     *
     * @param origin scheme, host and port for the link
     */
    @Transactional
    public void send(Member me, long id, String address, String origin) {
        long reply = keep(me, id);
        Sitting sitting = sittings.get(me.studio(), id);
        String opens = origin + "/from-home/" + links.make(me, id, HomeLink.Kind.REPLY, reply) + "/reply";
        String until = words.date("date.day", time.now(me.studio()).plus(HomeLink.Kind.REPLY.openFor()));
        SentReply said = reply(mapper.reply(me.studio(), reply)).orElseThrow();
        outbox.put(
                me,
                id,
                new Draft(
                        sitting.clientName(),
                        address,
                        words.say("reply.letter.subject"),
                        words.letter(said, sitting.client().firstName(), opens, until, me),
                        null));
    }

    // ---- the client's side ----

    /** Returns what a link opens. */
    @Transactional(readOnly = true)
    SentReply at(HomeLink link) {
        return Optional.ofNullable(mapper.reply(link.studio(), link.reply()))
                .flatMap(this::reply)
                .orElseThrow(() -> new NotHere("reply"));
    }

    /** Keeps how it fits, as often as the link bears; a reaction is a caution at once. Returns whether it was kept. */
    @Transactional
    public boolean tell(HomeLink link, Fit fit, String reaction) {
        if (!links.use(link)) {
            return false;
        }
        Map<String, Fit.How> byPlace = new HashMap<>();
        fit.fits().forEach((place, how) -> byPlace.put(String.valueOf(place), how));
        mapper.addFit(link.studio(), link.reply(), json.writeValueAsString(byPlace), fit.words());
        if (reaction != null) {
            proofs.reacted(link, reaction);
        }
        return true;
    }

    /** Returns how often clients told how it fits, by sitting that came from home and was answered. */
    public Map<Long, Integer> answered(StudioId studio) {
        return mapper.answered(studio).stream()
                .collect(Collectors.toMap(ReplyMapper.AnsweredRow::sitting, ReplyMapper.AnsweredRow::told));
    }

    private Optional<SentReply> reply(String stored) {
        try {
            return Optional.of(json.readValue(stored, SentReply.class));
        } catch (JacksonException | IllegalArgumentException unreadable) {
            LOG.warn("an answer cannot be read: {}", unreadable.getMessage());
            return Optional.empty();
        }
    }

    private Fit fit(ReplyMapper.FitRow row) {
        Map<Integer, Fit.How> fits = new HashMap<>();
        try {
            json.readTree(row.fits())
                    .propertyStream()
                    .forEach(e -> fits.put(
                            Integer.valueOf(e.getKey()),
                            Fit.How.valueOf(e.getValue().asString())));
        } catch (JacksonException | IllegalArgumentException unreadable) {
            LOG.warn("what a client told of an answer cannot be read: {}", unreadable.getMessage());
        }
        return new Fit(fits, row.words(), row.toldAt());
    }
}
