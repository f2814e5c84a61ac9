package scree.app.passkey;

import com.webauthn4j.util.exception.WebAuthnException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.Authentication;
import org.springframework.security.web.webauthn.api.AuthenticatorAttestationResponse;
import org.springframework.security.web.webauthn.api.PublicKeyCredential;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialCreationOptions;
import org.springframework.security.web.webauthn.jackson.WebauthnJacksonModule;
import org.springframework.security.web.webauthn.management.ImmutablePublicKeyCredentialCreationOptionsRequest;
import org.springframework.security.web.webauthn.management.ImmutableRelyingPartyRegistrationRequest;
import org.springframework.security.web.webauthn.management.RelyingPartyPublicKey;
import org.springframework.security.web.webauthn.registration.HttpSessionPublicKeyCredentialCreationOptionsRepository;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import scree.app.studio.CurrentMember;
import scree.app.studio.Member;
import scree.app.studio.OpenTo;
import scree.app.studio.Role;
import tools.jackson.core.JacksonException;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Makes a key of one's own and gives it back. */
@Controller
@RequestMapping("/account/passkeys")
@OpenTo({Role.OWNER, Role.ARTIST, Role.ASSISTANT, Role.TRAINEE})
class PasskeyController {
    private static final int LONGEST_LABEL = 60;
    private static final TypeReference<PublicKeyCredential<AuthenticatorAttestationResponse>> MADE =
            new TypeReference<>() {};

    private final RelyingParties parties;
    private final Passkeys keys;
    private final JsonMapper json =
            JsonMapper.builder().addModule(new WebauthnJacksonModule()).build();
    private final HttpSessionPublicKeyCredentialCreationOptionsRepository asked =
            new HttpSessionPublicKeyCredentialCreationOptionsRepository();

    PasskeyController(RelyingParties parties, Passkeys keys) {
        this.parties = parties;
        this.keys = keys;
    }

    /** Asks a device for a key. */
    @PostMapping(path = "/question", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<String> question(Authentication me, HttpServletRequest request, HttpServletResponse response) {
        PublicKeyCredentialCreationOptions question = parties.createPublicKeyCredentialCreationOptions(
                new ImmutablePublicKeyCredentialCreationOptionsRequest(me));
        asked.save(request, response, question);
        return ResponseEntity.ok(json.writeValueAsString(question));
    }

    /** Takes the key that a device made; an answer to no question, or a wrong one, is refused. */
    @PostMapping
    ResponseEntity<Void> made(
            @RequestParam(defaultValue = "") String label,
            @RequestBody String answer,
            HttpServletRequest request,
            HttpServletResponse response) {
        PublicKeyCredentialCreationOptions question = asked.load(request);
        asked.save(request, response, null);
        String name = label.strip();
        if (question == null || name.isEmpty() || name.length() > LONGEST_LABEL) {
            return ResponseEntity.badRequest().build();
        }
        try {
            parties.registerCredential(new ImmutableRelyingPartyRegistrationRequest(
                    question, new RelyingPartyPublicKey(json.readValue(answer, MADE), name)));
            return ResponseEntity.noContent().build();
        } catch (JacksonException | IllegalArgumentException | WebAuthnException wrong) {
            return ResponseEntity.badRequest().build();
        }
    }

    @PostMapping("/{key}/end")
    String forget(@CurrentMember Member me, @PathVariable long key) {
        keys.forget(me, key);
        return "redirect:/account";
    }
}
