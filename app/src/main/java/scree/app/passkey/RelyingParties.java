package scree.app.passkey;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import java.net.URI;
import java.util.Set;
import org.springframework.security.web.webauthn.api.AuthenticatorSelectionCriteria;
import org.springframework.security.web.webauthn.api.CredentialRecord;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialCreationOptions;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialRequestOptions;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialRpEntity;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialUserEntity;
import org.springframework.security.web.webauthn.api.ResidentKeyRequirement;
import org.springframework.security.web.webauthn.api.UserVerificationRequirement;
import org.springframework.security.web.webauthn.management.PublicKeyCredentialCreationOptionsRequest;
import org.springframework.security.web.webauthn.management.PublicKeyCredentialRequestOptionsRequest;
import org.springframework.security.web.webauthn.management.RelyingPartyAuthenticationRequest;
import org.springframework.security.web.webauthn.management.RelyingPartyRegistrationRequest;
import org.springframework.security.web.webauthn.management.WebAuthnRelyingPartyOperations;
import org.springframework.security.web.webauthn.management.Webauthn4JRelyingPartyOperations;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;
import scree.app.web.Origin;

/**
 * Scree as keys know it: by the name under which it is reached. A key made for one name opens no other, so nothing that a request
 * claims can lead it astray; {@link Origin} says which name it is.
 */
@Component
public class RelyingParties implements WebAuthnRelyingPartyOperations {
    private static final int ORIGINS_KEPT = 20;

    private final Origin origin;
    private final LoadingCache<String, WebAuthnRelyingPartyOperations> byOrigin;

    RelyingParties(Origin origin, PasskeyOwners owners, PasskeyRecords records) {
        this.origin = origin;
        this.byOrigin = Caffeine.newBuilder().maximumSize(ORIGINS_KEPT).build(o -> of(o, owners, records));
    }

    private static WebAuthnRelyingPartyOperations of(String origin, PasskeyOwners owners, PasskeyRecords records) {
        Webauthn4JRelyingPartyOperations party = new Webauthn4JRelyingPartyOperations(
                owners,
                records,
                PublicKeyCredentialRpEntity.builder()
                        .id(URI.create(origin).getHost())
                        .name("Scree")
                        .build(),
                Set.of(origin));
        // a key stands in for address and password, so its owner is asked by the device each time
        party.setCustomizeCreationOptions(o -> o.authenticatorSelection(AuthenticatorSelectionCriteria.builder()
                .residentKey(ResidentKeyRequirement.REQUIRED)
                .userVerification(UserVerificationRequirement.REQUIRED)
                .build()));
        party.setCustomizeRequestOptions(o -> o.userVerification(UserVerificationRequirement.REQUIRED));
        return party;
    }

    private WebAuthnRelyingPartyOperations here() {
        ServletRequestAttributes now = (ServletRequestAttributes) RequestContextHolder.currentRequestAttributes();
        return byOrigin.get(origin.of(now.getRequest()));
    }

    @Override
    public PublicKeyCredentialCreationOptions createPublicKeyCredentialCreationOptions(
            PublicKeyCredentialCreationOptionsRequest asked) {
        return here().createPublicKeyCredentialCreationOptions(asked);
    }

    @Override
    public CredentialRecord registerCredential(RelyingPartyRegistrationRequest asked) {
        return here().registerCredential(asked);
    }

    @Override
    public PublicKeyCredentialRequestOptions createCredentialRequestOptions(
            PublicKeyCredentialRequestOptionsRequest asked) {
        return here().createCredentialRequestOptions(asked);
    }

    @Override
    public PublicKeyCredentialUserEntity authenticate(RelyingPartyAuthenticationRequest asked) {
        return here().authenticate(asked);
    }
}
