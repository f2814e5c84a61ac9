package scree.app.passkey;

import java.time.OffsetDateTime;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import scree.app.studio.StudioId;

/** Passkeys and whose they are. Before somebody is signed in a key is found by what its device says, as an account is by its address. */
@Mapper
interface PasskeyMapper {
    /**
     * Whose keys they are.
     *
     * @param handle by which devices know them
     */
    record Owner(long studioId, long artistId, byte[] handle, String email, String name) {
        StudioId studio() {
            return new StudioId(studioId);
        }
    }

    /** A key as it is kept. */
    record Key(
            long id,
            byte[] credential,
            byte[] handle,
            byte[] publicKey,
            long signatures,
            boolean verified,
            boolean mayWander,
            boolean wandered,
            String transports,
            byte[] attestation,
            byte[] clientData,
            String label,
            OffsetDateTime madeAt,
            OffsetDateTime usedAt) {}

    Owner ownerByHandle(@Param("handle") byte[] handle);

    Owner ownerByEmail(@Param("email") String email);

    /** The first handle stays: devices know it. */
    int putOwner(@Param("studio") StudioId studio, @Param("artist") long artist, @Param("handle") byte[] handle);

    Key keyByCredential(@Param("credential") byte[] credential);

    List<Key> keysByHandle(@Param("handle") byte[] handle);

    List<Key> keys(@Param("studio") StudioId studio, @Param("artist") long artist);

    /** Keeps a new key, or what a use changed of one. */
    int putKey(@Param("studio") StudioId studio, @Param("artist") long artist, @Param("k") Key key);

    int forgetAll(@Param("studio") StudioId studio, @Param("artist") long artist);

    int forget(@Param("studio") StudioId studio, @Param("artist") long artist, @Param("id") long id);
}
