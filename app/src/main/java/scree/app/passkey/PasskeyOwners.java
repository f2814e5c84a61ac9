package scree.app.passkey;

import org.springframework.security.web.webauthn.api.Bytes;
import org.springframework.security.web.webauthn.api.ImmutablePublicKeyCredentialUserEntity;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialUserEntity;
import org.springframework.security.web.webauthn.management.PublicKeyCredentialUserEntityRepository;
import org.springframework.stereotype.Component;
import scree.app.studio.Accounts;
import scree.app.studio.Member;

/** Artists as their devices know them. */
@Component
class PasskeyOwners implements PublicKeyCredentialUserEntityRepository {
    private final PasskeyMapper mapper;
    private final Accounts accounts;

    PasskeyOwners(PasskeyMapper mapper, Accounts accounts) {
        this.mapper = mapper;
        this.accounts = accounts;
    }

    @Override
    public PublicKeyCredentialUserEntity findById(Bytes handle) {
        return entity(mapper.ownerByHandle(handle.getBytes()));
    }

    @Override
    public PublicKeyCredentialUserEntity findByUsername(String email) {
        return entity(mapper.ownerByEmail(email));
    }

    private static PublicKeyCredentialUserEntity entity(PasskeyMapper.Owner owner) {
        return owner == null
                ? null
                : ImmutablePublicKeyCredentialUserEntity.builder()
                        .id(new Bytes(owner.handle()))
                        .name(owner.email())
                        .displayName(owner.name())
                        .build();
    }

    @Override
    public void save(PublicKeyCredentialUserEntity owner) {
        Member member = accounts.loadUserByUsername(owner.getName());
        mapper.putOwner(member.studio(), member.artistId(), owner.getId().getBytes());
    }

    /** A handle goes with its artist. */
    @Override
    public void delete(Bytes handle) {
        throw new UnsupportedOperationException("devices would be left with a handle of nobody");
    }
}
