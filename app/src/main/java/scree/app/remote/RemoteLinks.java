package scree.app.remote;

import com.github.benmanes.caffeine.cache.Cache;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import scree.app.client.Clients;
import scree.app.face.FaceSearches;
import scree.app.face.FirstLooks;
import scree.app.memory.Memories;
import scree.app.picture.Pictures;
import scree.app.picture.Upload;
import scree.app.privacy.Consent;
import scree.app.privacy.Consents;
import scree.app.sitting.Intake;
import scree.app.sitting.Sittings;
import scree.app.skin.Readings;
import scree.app.studio.Member;
import scree.app.studio.Secrets;
import scree.app.studio.StudioId;
import scree.app.studio.StudioTime;
import scree.app.studio.Upkeep;
import scree.app.web.NotHere;
import scree.app.web.Words;
import scree.core.light.LightVerdict;
import scree.core.reason.Reason;
import scree.core.skin.SentPicture;
import tools.jackson.databind.json.JsonMapper;

/** Links for clients: unguessable, for one use, for a week; what comes in becomes a provisional sitting. */
@Service
public class RemoteLinks implements Upkeep.Task {
    static final Duration OPEN_FOR = Duration.ofDays(7);
    /** Pictures that may be tried with one link. House choice: enough to get it right, too few to fill a disk. */
    static final int MOST_TRIES = 12;

    private static final int LONGEST_SEARCH = 120_000;
    /** The scale is kept as a whole number. */
    private static final int SCALE_KEPT = 1_000_000;

    private static final int TOKEN_BYTES = 24;
    /** What the form from home asks for. */
    private static final Set<Consent.Cover> AGREED = EnumSet.of(Consent.Cover.PICTURES, Consent.Cover.HEALTH);

    private final RemoteMapper mapper;
    private final Clients clients;
    private final Sittings sittings;
    private final Readings readings;
    private final FirstLooks looks;
    private final FaceSearches searches;
    private final Pictures pictures;
    private final Clock clock;
    private final StudioTime time;
    private final Consents consents;
    private final Words words;
    private final JsonMapper json;
    private final TransactionTemplate transaction;
    /** What is said of a picture follows from its pixels alone, so it holds in every process. */
    private final Cache<String, Checked> checks;

    private static final int CHECKS_KEPT = 200;

    RemoteLinks(
            RemoteMapper mapper,
            Clients clients,
            Sittings sittings,
            Readings readings,
            FirstLooks looks,
            FaceSearches searches,
            Pictures pictures,
            Clock clock,
            StudioTime time,
            Consents consents,
            Words words,
            JsonMapper json,
            TransactionTemplate transaction,
            Memories memories) {
        this.checks = memories.keep("checks", CHECKS_KEPT);
        this.consents = consents;
        this.words = words;
        this.json = json;
        this.transaction = transaction;
        this.mapper = mapper;
        this.clients = clients;
        this.sittings = sittings;
        this.readings = readings;
        this.looks = looks;
        this.searches = searches;
        this.pictures = pictures;
        this.clock = clock;
        this.time = time;
    }

    /** Makes a link and returns its token; it is not kept anywhere and cannot be shown again. */
    @Transactional
    public String make(Member me, long client) {
        clients.get(me.studio(), client);
        String token = Secrets.token(TOKEN_BYTES);
        mapper.add(me.studio(), client, me.artistId(), Secrets.hash(token), now().plus(OPEN_FOR));
        return token;
    }

    /** Returns the links of a client that still open. */
    public List<RemoteLink> open(StudioId studio, long client) {
        return mapper.ofClient(studio, client);
    }

    /** Closes a link; what was tried with it and not sent is erased. */
    @Transactional
    public void close(StudioId studio, long id) {
        if (mapper.close(studio, id) > 0) {
            mapper.forgetTry(studio, id);
        }
    }

    /** Erases what was tried with links that ran out. */
    @Override
    @Transactional
    public void keepUp(StudioId studio) {
        mapper.forgetUnsent(studio);
    }

    /** Returns what a client told with the picture, or empty when the sitting did not come from home. */
    public Optional<RemoteAnswer> answer(StudioId studio, long sitting) {
        return Optional.ofNullable(mapper.answer(studio, sitting));
    }

    /** @throws LinkClosed when it was never made, has expired or was used */
    RemoteLink at(String token) {
        RemoteLink link = token.length() > 80 ? null : mapper.byToken(Secrets.hash(token));
        if (link == null) {
            throw new LinkClosed(LinkClosed.Why.UNKNOWN);
        }
        if (link.used()) {
            throw new LinkClosed(LinkClosed.Why.USED);
        }
        if (link.expired(now())) {
            throw new LinkClosed(LinkClosed.Why.EXPIRED);
        }
        return link;
    }

    /**
     * Takes a picture in, in place of a former one. Not one transaction: a refused file counts as a try all the same.
     *
     * @param search what the client's browser found, in pixels of the file as shown; empty when it did not search
     * @param shownWidth the file's width there, 0 when unknown
     * @throws scree.core.image.PictureRefused when it is no usable picture
     */
    public void picture(RemoteLink link, Upload upload, String search, int shownWidth) {
        StudioId studio = link.studio();
        if (mapper.tried(studio, link.id(), MOST_TRIES) == 0) {
            throw new LinkClosed(LinkClosed.Why.WORN_OUT);
        }
        Pictures.Ready ready = pictures.ready(upload);
        double scale = shownWidth > 0 ? (double) ready.raster().width() / shownWidth : 1;
        RemoteTry tried = new RemoteTry(
                ready.sha256(),
                ready.jpeg(),
                ready.thumb(),
                ready.camera(),
                (int) Math.round(scale * SCALE_KEPT),
                search.length() > LONGEST_SEARCH ? "" : search);
        int width = ready.raster().width();
        if (mapper.putTry(studio, link.id(), tried, width, ready.raster().height()) == 0) {
            throw new LinkClosed(LinkClosed.Why.USED);
        }
    }

    /** Returns what is to be said of the picture that came in, while another can still be taken; empty before any. */
    Optional<Checked> checked(RemoteLink link) {
        return Optional.ofNullable(mapper.lastTry(link.studio(), link.id()))
                .map(tried -> checks.get(tried.sha256() + tried.search().hashCode(), k -> check(link.studio(), tried)));
    }

    private Checked check(StudioId studio, RemoteTry tried) {
        Pictures.Ready ready = ready(tried);
        FirstLooks.Checked look = look(tried, ready);
        String version = tried.sha256().substring(0, 12);
        if (look.stops()) {
            return new Checked(version, null, look.said());
        }
        Readings.Look read = readings.look(studio, ready, look);
        List<Reason> about = new ArrayList<>(look.said());
        about.addAll(SentPicture.check(ready.raster(), look.points(), read.skin()));
        return new Checked(version, read.light(), about);
    }

    private FirstLooks.Checked look(RemoteTry tried, Pictures.Ready ready) {
        return looks.check(searches.read(tried.search(), (double) tried.scale() / SCALE_KEPT), ready.raster());
    }

    private static Pictures.Ready ready(RemoteTry tried) {
        return Pictures.again(tried.jpeg(), tried.thumb(), tried.sha256(), tried.camera());
    }

    boolean hasPicture(RemoteLink link) {
        return mapper.hasTry(link.studio(), link.id());
    }

    /**
     * A picture that came in with what was found.
     *
     * @param light null when nothing was read from it
     * @param version another for another picture
     */
    record Checked(String version, LightVerdict light, List<Reason> about) {}

    byte[] picture(RemoteLink link) {
        return NotHere.unless(mapper.lastTry(link.studio(), link.id()), "picture")
                .jpeg();
    }

    /** Sends everything to the artist: a sitting of its own; the link is used up. All of it or nothing. */
    public void send(RemoteLink link, RemoteAnswer answer) {
        RemoteTry tried = mapper.lastTry(link.studio(), link.id());
        if (tried == null && mapper.isUsed(link.studio(), link.id())) {
            throw new LinkClosed(LinkClosed.Why.USED);
        }
        Pictures.Ready ready = ready(NotHere.unless(tried, "picture"));
        transaction.executeWithoutResult(status -> send(link, answer, tried, ready));
    }

    private void send(RemoteLink link, RemoteAnswer answer, RemoteTry tried, Pictures.Ready ready) {
        StudioId studio = link.studio();
        if (mapper.used(studio, link.id()) == 0) {
            throw new LinkClosed(LinkClosed.Why.USED);
        }
        LocalDateTime at = time.now(studio).withSecond(0).withNano(0);
        consents.give(
                link.artist(),
                link.clientId(),
                at.toLocalDate(),
                AGREED,
                words.say("remote.page.mayKeepThisPicture", link.artistFirstName())); // nothing is sent without it
        long sitting =
                sittings.addFromAfar(studio, link.clientId(), link.artistId(), at, 30, words.say("remote.event"));
        mapper.putSitting(studio, link.id(), sitting);
        long picture = readings.takeReady(studio, sitting, ready);
        looks.take(link.artist(), sitting, picture, look(tried, ready));
        mapper.putAnswer(studio, sitting, answer);
        List<String> bothers = new ArrayList<>();
        Stream.of(answer.concerns(), answer.wentWrong()).filter(t -> t != null).forEach(bothers::add);
        sittings.saveIntake(
                studio,
                sitting,
                0,
                Intake.told(
                        answer.coverage(),
                        answer.finish(),
                        answer.allergies(),
                        bothers.isEmpty() ? null : cut(bothers.stream().collect(Collectors.joining(" ")))));
        sittings.cameIn(studio, sitting);
        mapper.forgetTry(studio, link.id());
    }

    private static String cut(String text) {
        return text.substring(0, Math.min(500, text.length()));
    }

    private OffsetDateTime now() {
        return OffsetDateTime.now(clock);
    }
}
