package scree.app.remote;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.Base64;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import scree.app.client.Clients;
import scree.app.face.Faces;
import scree.app.face.TakenFace;
import scree.app.picture.Picture;
import scree.app.picture.Pictures;
import scree.app.sitting.IntakeAnswers;
import scree.app.sitting.Sitting;
import scree.app.sitting.Sittings;
import scree.app.skin.Readings;
import scree.app.skin.TakenReading;
import scree.app.studio.Member;
import scree.app.studio.StudioId;
import scree.app.web.NotHere;
import scree.core.face.PointsRefused;
import scree.core.image.Point;
import scree.core.reason.Reason;
import scree.core.skin.SentPicture;

/** Links for clients: unguessable, for one use, for a week; what comes in becomes a provisional sitting. */
@Service
public class RemoteLinks {
    static final Duration OPEN_FOR = Duration.ofDays(7);
    /** Pictures that may be tried with one link. House choice: enough to get it right, too few to fill a disk. */
    static final int MOST_TRIES = 12;

    private static final int TOKEN_BYTES = 24;
    private static final String EVENT = "Picture from home";
    private static final SecureRandom RANDOM = new SecureRandom();

    private final RemoteMapper mapper;
    private final Clients clients;
    private final Sittings sittings;
    private final Readings readings;
    private final Faces faces;
    private final Pictures pictures;
    private final Clock clock;

    RemoteLinks(
            RemoteMapper mapper,
            Clients clients,
            Sittings sittings,
            Readings readings,
            Faces faces,
            Pictures pictures,
            Clock clock) {
        this.mapper = mapper;
        this.clients = clients;
        this.sittings = sittings;
        this.readings = readings;
        this.faces = faces;
        this.pictures = pictures;
        this.clock = clock;
    }

    /** Makes a link and returns its token; it is not kept anywhere and cannot be shown again. */
    @Transactional
    public String make(Member me, long client) {
        clients.get(me.studio(), client);
        byte[] bytes = new byte[TOKEN_BYTES];
        RANDOM.nextBytes(bytes);
        String token = Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
        mapper.add(me.studio(), client, me.artistId(), hash(token), now().plus(OPEN_FOR));
        return token;
    }

    /** Returns the links of a client that still open; what was never sent by others is erased on the way. */
    @Transactional
    public List<RemoteLink> open(StudioId studio, long client) {
        mapper.forgetUnsent(studio);
        return mapper.ofClient(studio, client);
    }

    @Transactional
    public void close(StudioId studio, long id) {
        mapper.close(studio, id);
    }

    public Optional<RemoteAnswer> answer(StudioId studio, long sitting) {
        return Optional.ofNullable(mapper.answer(studio, sitting));
    }

    /** @throws LinkClosed when it was never made, has expired or was used */
    RemoteLink at(String token) {
        RemoteLink link = token.length() > 80 ? null : mapper.byToken(hash(token));
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
     * @param mesh what the client's browser found, in pixels of the file as shown; empty when it found nothing
     * @param shownWidth the file's width there, 0 when unknown
     * @throws scree.core.image.PictureRefused when it is no usable picture
     */
    public void picture(RemoteLink link, byte[] upload, int found, List<Point> mesh, int shownWidth) {
        StudioId studio = link.studio();
        if (mapper.tried(studio, link.id(), MOST_TRIES) == 0) {
            throw new LinkClosed(LinkClosed.Why.WORN_OUT);
        }
        long sitting = link.sittingId() == null ? openSitting(link) : link.sittingId();
        readings.take(studio, sitting, upload);
        layPoints(link, sitting, found, mesh, shownWidth);
    }

    private long openSitting(RemoteLink link) {
        long sitting = sittings.add(
                link.studio(),
                link.clientId(),
                link.artistId(),
                LocalDateTime.now(clock).withSecond(0).withNano(0),
                30,
                EVENT);
        mapper.putSitting(link.studio(), link.id(), sitting);
        return sitting;
    }

    private void layPoints(RemoteLink link, long sitting, int found, List<Point> mesh, int shownWidth) {
        Picture picture = faces.picture(link.studio(), sitting).orElseThrow(() -> new NotHere("picture"));
        double scale = shownWidth > 0 ? (double) picture.width() / shownWidth : 1;
        List<Point> scaled =
                mesh.stream().map(p -> new Point(p.x() * scale, p.y() * scale)).toList();
        try {
            faces.guess(link.artist(), sitting, found, scaled);
            readings.layOnPoints(link.studio(), sitting);
        } catch (PointsRefused noFace) {
            // the check tells the client; the picture itself is kept until another comes
        }
    }

    /** Returns what is to be said of the picture that came in, while another can still be taken; empty before any. */
    Optional<Checked> checked(RemoteLink link) {
        if (link.sittingId() == null) {
            return Optional.empty();
        }
        return readings.of(link.studio(), link.sittingId()).map(taken -> {
            TakenFace face = faces.of(link.studio(), taken.sittingId())
                    .filter(f -> f.sheet().pictureId() == taken.pictureId())
                    .orElse(null);
            List<Reason> about = SentPicture.check(
                    pictures.raster(link.studio(), taken.pictureId()),
                    face == null ? null : face.points(),
                    taken.skin());
            return new Checked(taken, about);
        });
    }

    boolean hasPicture(RemoteLink link) {
        return link.sittingId() != null
                && readings.of(link.studio(), link.sittingId()).isPresent();
    }

    /** A picture that came in with what was found. */
    record Checked(TakenReading taken, List<Reason> about) {}

    byte[] thumb(RemoteLink link) {
        long sitting = Optional.ofNullable(link.sittingId()).orElseThrow(() -> new NotHere("picture"));
        Picture picture = faces.picture(link.studio(), sitting).orElseThrow(() -> new NotHere("picture"));
        return pictures.jpeg(link.studio(), picture.id());
    }

    /** Sends everything to the artist; the link is used up. */
    @Transactional
    public void send(RemoteLink link, RemoteAnswer answer) {
        StudioId studio = link.studio();
        if (!hasPicture(link)) {
            throw new NotHere("picture");
        }
        if (mapper.used(studio, link.id()) == 0) {
            throw new LinkClosed(LinkClosed.Why.USED);
        }
        long sitting = link.sittingId();
        mapper.putAnswer(studio, sitting, answer);
        Sitting now = sittings.get(studio, sitting);
        List<String> bothers = new ArrayList<>();
        Stream.of(answer.concerns(), answer.wentWrong()).filter(t -> t != null).forEach(bothers::add);
        sittings.saveIntake(
                studio,
                sitting,
                now.version(),
                new IntakeAnswers(
                        null,
                        null,
                        null,
                        answer.coverage(),
                        answer.finish(),
                        answer.allergies(),
                        null,
                        null,
                        bothers.isEmpty() ? null : cut(bothers.stream().collect(Collectors.joining(" "))),
                        null));
        sittings.cameIn(studio, sitting);
    }

    private static String cut(String text) {
        return text.substring(0, Math.min(500, text.length()));
    }

    private OffsetDateTime now() {
        return OffsetDateTime.now(clock);
    }

    private static String hash(String token) {
        try {
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(token.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }
}
