package scree.app.studio;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.time.Duration;
import java.util.Base64;
import java.util.HexFormat;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Browsers on which an artist signed in before, by a cookie of which only a hash is kept. It opens nothing by itself. */
@Component
class Devices implements Upkeep.Task {
    private static final String COOKIE = "scree-device";
    private static final Duration KEPT = Duration.ofDays(180);
    private static final int TOKEN_BYTES = 24;
    private static final int LONGEST = 64;
    private static final SecureRandom RANDOM = new SecureRandom();

    private final AccountMapper mapper;

    Devices(AccountMapper mapper) {
        this.mapper = mapper;
    }

    /** Returns the token of a browser that is known to an account, or null. */
    String known(HttpServletRequest request, String account) {
        String token = token(request);
        return token != null && mapper.knowsDevice(account.strip(), hash(token)) ? token : null;
    }

    /** Remembers the browser for an artist who has signed in on it. */
    void remember(HttpServletRequest request, HttpServletResponse response, Member member) {
        String token = token(request);
        if (token == null) {
            byte[] bytes = new byte[TOKEN_BYTES];
            RANDOM.nextBytes(bytes);
            token = Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
        }
        mapper.putDevice(member.studio(), member.artistId(), hash(token));
        ResponseCookie cookie = ResponseCookie.from(COOKIE, token)
                .path("/sign-in")
                .httpOnly(true)
                .secure(request.isSecure())
                .sameSite("Lax")
                .maxAge(KEPT)
                .build();
        response.addHeader(HttpHeaders.SET_COOKIE, cookie.toString());
    }

    @Override
    @Transactional
    public void keepUp(StudioId studio) {
        mapper.forgetDevices(studio);
    }

    private static String token(HttpServletRequest request) {
        if (request.getCookies() != null) {
            for (Cookie c : request.getCookies()) {
                if (c.getName().equals(COOKIE)
                        && !c.getValue().isEmpty()
                        && c.getValue().length() <= LONGEST) {
                    return c.getValue();
                }
            }
        }
        return null;
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
