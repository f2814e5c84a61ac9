package scree.app.passkey;

import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.security.web.webauthn.api.AuthenticatorTransport;
import org.springframework.security.web.webauthn.api.Bytes;
import org.springframework.security.web.webauthn.api.CredentialRecord;
import org.springframework.security.web.webauthn.api.ImmutableCredentialRecord;
import org.springframework.security.web.webauthn.api.ImmutablePublicKeyCose;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialType;
import org.springframework.security.web.webauthn.management.UserCredentialRepository;
import org.springframework.stereotype.Component;

/** Passkeys as the library asks for them. */
@Component
class PasskeyRecords implements UserCredentialRepository {
    private static final int LONGEST_LABEL = 60;

    private final PasskeyMapper mapper;

    PasskeyRecords(PasskeyMapper mapper) {
        this.mapper = mapper;
    }

    @Override
    public CredentialRecord findByCredentialId(Bytes credential) {
        PasskeyMapper.Key key = mapper.keyByCredential(credential.getBytes());
        return key == null ? null : recorded(key);
    }

    @Override
    public List<CredentialRecord> findByUserId(Bytes handle) {
        return mapper.keysByHandle(handle.getBytes()).stream()
                .map(PasskeyRecords::recorded)
                .toList();
    }

    @Override
    public void save(CredentialRecord r) {
        PasskeyMapper.Owner owner = mapper.ownerByHandle(r.getUserEntityUserId().getBytes());
        if (owner != null) {
            mapper.putKey(owner.studio(), owner.artistId(), kept(r));
        }
    }

    /** Keys are given back by their owner alone, who is asked for. */
    @Override
    public void delete(Bytes credential) {
        throw new UnsupportedOperationException("a key is forgotten by its owner");
    }

    private static PasskeyMapper.Key kept(CredentialRecord r) {
        String label = r.getLabel() == null ? "" : r.getLabel().strip();
        return new PasskeyMapper.Key(
                0,
                r.getCredentialId().getBytes(),
                r.getUserEntityUserId().getBytes(),
                r.getPublicKey().getBytes(),
                r.getSignatureCount(),
                r.isUvInitialized(),
                r.isBackupEligible(),
                r.isBackupState(),
                r.getTransports().stream().map(AuthenticatorTransport::getValue).collect(Collectors.joining(",")),
                bytes(r.getAttestationObject()),
                bytes(r.getAttestationClientDataJSON()),
                label.substring(0, Math.min(LONGEST_LABEL, label.length())),
                at(r.getCreated()),
                at(r.getLastUsed()));
    }

    private static OffsetDateTime at(Instant when) {
        return when.atOffset(ZoneOffset.UTC);
    }

    private static byte[] bytes(Bytes bytes) {
        return bytes == null ? null : bytes.getBytes();
    }

    private static Bytes bytes(byte[] bytes) {
        return bytes == null ? null : new Bytes(bytes);
    }

    private static CredentialRecord recorded(PasskeyMapper.Key k) {
        Set<AuthenticatorTransport> transports = Arrays.stream(k.transports().split(","))
                .filter(t -> !t.isEmpty())
                .map(AuthenticatorTransport::valueOf)
                .collect(Collectors.toSet());
        return ImmutableCredentialRecord.builder()
                .credentialType(PublicKeyCredentialType.PUBLIC_KEY)
                .credentialId(new Bytes(k.credential()))
                .userEntityUserId(new Bytes(k.handle()))
                .publicKey(new ImmutablePublicKeyCose(k.publicKey()))
                .signatureCount(k.signatures())
                .uvInitialized(k.verified())
                .transports(transports)
                .backupEligible(k.mayWander())
                .backupState(k.wandered())
                .attestationObject(bytes(k.attestation()))
                .attestationClientDataJSON(bytes(k.clientData()))
                .label(k.label())
                .created(k.madeAt().toInstant())
                .lastUsed(k.usedAt().toInstant())
                .build();
    }
}
