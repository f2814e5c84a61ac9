package scree.app.passkey;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.web.authentication.HttpMessageConverterAuthenticationSuccessHandler;
import org.springframework.security.web.authentication.UsernamePasswordAuthenticationFilter;
import org.springframework.security.web.authentication.session.ChangeSessionIdAuthenticationStrategy;
import org.springframework.security.web.savedrequest.RequestCache;
import org.springframework.security.web.servlet.util.matcher.PathPatternRequestMatcher;
import org.springframework.security.web.webauthn.authentication.PublicKeyCredentialRequestOptionsFilter;
import org.springframework.security.web.webauthn.authentication.WebAuthnAuthenticationFilter;
import org.springframework.security.web.webauthn.authentication.WebAuthnAuthenticationProvider;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import scree.app.studio.Accounts;
import scree.app.studio.FurtherDoor;
import scree.app.studio.Member;
import scree.app.studio.SignInLimit;

/** The way in by a passkey: a question that only the key can answer, and its answer. */
@Component
class PasskeyDoor implements FurtherDoor {
    private static final String ANSWER = "/sign-in/passkey";
    private static final String QUESTION = ANSWER + "/question";

    private final RelyingParties parties;
    private final Accounts accounts;
    private final SignInLimit limit;

    PasskeyDoor(RelyingParties parties, Accounts accounts, SignInLimit limit) {
        this.parties = parties;
        this.accounts = accounts;
        this.limit = limit;
    }

    @Override
    public void into(HttpSecurity http, RequestCache asked, Arrival arrival) {
        PublicKeyCredentialRequestOptionsFilter question = new PublicKeyCredentialRequestOptionsFilter(parties);
        question.setRequestMatcher(PathPatternRequestMatcher.withDefaults().matcher(HttpMethod.POST, QUESTION));
        HttpMessageConverterAuthenticationSuccessHandler onward =
                new HttpMessageConverterAuthenticationSuccessHandler();
        onward.setRequestCache(asked);
        WebAuthnAuthenticationFilter answer = new WebAuthnAuthenticationFilter();
        answer.setFilterProcessesUrl(ANSWER);
        answer.setAuthenticationManager(this::member);
        answer.setSessionAuthenticationStrategy(new ChangeSessionIdAuthenticationStrategy());
        answer.setAuthenticationSuccessHandler((request, response, as) -> {
            limit.answered(request.getRemoteAddr());
            arrival.of(request, response, (Member) as.getPrincipal());
            onward.onAuthenticationSuccess(request, response, as);
        });
        answer.setAuthenticationFailureHandler(
                (request, response, why) -> response.setStatus(HttpServletResponse.SC_UNAUTHORIZED));
        http.addFilterBefore(new Measured(), UsernamePasswordAuthenticationFilter.class)
                .addFilterBefore(question, UsernamePasswordAuthenticationFilter.class)
                .addFilterBefore(answer, UsernamePasswordAuthenticationFilter.class);
    }

    /** Returns the artist whose key answered, as a password brings them in. */
    private Authentication member(Authentication answered) throws AuthenticationException {
        String email = new WebAuthnAuthenticationProvider(parties, accounts)
                .authenticate(answered)
                .getName();
        Member member = accounts.loadUserByUsername(email).withoutHash();
        return UsernamePasswordAuthenticationToken.authenticated(member, null, member.getAuthorities());
    }

    /** A question costs a session, so an address tires. */
    private final class Measured extends OncePerRequestFilter {
        @Override
        protected boolean shouldNotFilter(HttpServletRequest request) {
            return !request.getRequestURI().equals(request.getContextPath() + QUESTION);
        }

        @Override
        protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
                throws ServletException, IOException {
            if (limit.asked(request.getRemoteAddr()).isZero()) {
                chain.doFilter(request, response);
            } else {
                response.setStatus(HttpStatus.TOO_MANY_REQUESTS.value());
            }
        }
    }
}
