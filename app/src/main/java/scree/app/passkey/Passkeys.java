package scree.app.passkey;

import java.time.OffsetDateTime;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import scree.app.studio.Member;
import scree.app.studio.StudioId;
import scree.app.web.NotHere;

/** An artist's own keys. */
@Service
public class Passkeys {
    private final PasskeyMapper mapper;

    Passkeys(PasskeyMapper mapper) {
        this.mapper = mapper;
    }

    /** A key as its owner sees it. */
    public record Own(long id, String label, OffsetDateTime madeAt, OffsetDateTime usedAt) {}

    /** Returns the artist's keys, the oldest first. */
    public List<Own> of(Member me) {
        return mapper.keys(me.studio(), me.artistId()).stream()
                .map(k -> new Own(k.id(), k.label(), k.madeAt(), k.usedAt()))
                .toList();
    }

    /** Forgets all keys of somebody who chooses another password by an owner's link: whoever had theirs may have made one. */
    @Transactional
    public void forgetAll(StudioId studio, long artist) {
        mapper.forgetAll(studio, artist);
    }

    /** Forgets a key; it opens nothing any more. */
    @Transactional
    public void forget(Member me, long id) {
        NotHere.unless(mapper.forget(me.studio(), me.artistId(), id) > 0 ? id : null, "passkey");
    }
}
