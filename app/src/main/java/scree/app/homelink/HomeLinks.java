package scree.app.homelink;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import scree.app.sitting.Sittings;
import scree.app.studio.Member;
import scree.app.studio.Secrets;
import scree.app.studio.StudioId;

/** Links about a sitting that open without an account: unguessable, kept as a hash, for some weeks, to be taken back. */
@Service
public class HomeLinks {
    private static final int TOKEN_BYTES = 24;
    private static final int LONGEST_TOKEN = 80;

    private final HomeLinkMapper mapper;
    private final Sittings sittings;
    private final Clock clock;

    HomeLinks(HomeLinkMapper mapper, Sittings sittings, Clock clock) {
        this.mapper = mapper;
        this.sittings = sittings;
        this.clock = clock;
    }

    /**
     * Makes a link and returns its token; it is not kept anywhere and cannot be shown again.
     *
     * @param opens the sheet or reply that it opens, null for a report of wear
     */
    @Transactional
    public String make(Member me, long sitting, HomeLink.Kind kind, Long opens) {
        sittings.get(me.studio(), sitting);
        String token = Secrets.token(TOKEN_BYTES);
        mapper.add(me.studio(), sitting, me.artistId(), kind, opens, Secrets.hash(token), now().plus(kind.openFor()));
        return token;
    }

    /** Returns those of a sitting that still open, the newest first. */
    public List<HomeLink> open(StudioId studio, long sitting, HomeLink.Kind kind) {
        return mapper.open(studio, sitting, kind, now());
    }

    /** Takes a link back. */
    @Transactional
    public void close(Member me, long sitting, long link) {
        mapper.close(me.studio(), sitting, link);
    }

    /** Returns what a token opens; empty when it was never made, is of another kind, was taken back or has expired. */
    @Transactional(readOnly = true)
    public Optional<HomeLink> at(String token, HomeLink.Kind kind) {
        HomeLink link = token.length() > LONGEST_TOKEN ? null : mapper.byToken(Secrets.hash(token), kind);
        return Optional.ofNullable(link).filter(l -> l.expiresAt().isAfter(now()));
    }

    /** Counts a use; returns false when the link was taken back meanwhile or bears no more. */
    @Transactional
    public boolean use(HomeLink link) {
        return mapper.use(link.studio(), link.id(), link.kind().most()) > 0;
    }

    private OffsetDateTime now() {
        return OffsetDateTime.now(clock);
    }
}
