package scree.app.studio;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.util.WebUtils;

/** Browsers on which an artist signed in before, by a cookie of which only a hash is kept. It opens nothing by itself. */
@Component
class Devices implements Upkeep.Task {
    private static final String COOKIE = "scree-device";
    private static final Duration KEPT = Duration.ofDays(180);
    private static final int TOKEN_BYTES = 24;
    private static final int LONGEST = 64;

    private final AccountMapper mapper;

    Devices(AccountMapper mapper) {
        this.mapper = mapper;
    }

    /** Returns the token of a browser that is known to an account, or null. */
    String known(HttpServletRequest request, String account) {
        String token = token(request);
        return token != null && mapper.knowsDevice(account.strip(), Secrets.hash(token)) ? token : null;
    }

    /** Remembers the browser for an artist who has signed in on it. */
    void remember(HttpServletRequest request, HttpServletResponse response, Member member) {
        String token = token(request);
        if (token == null) {
            token = Secrets.token(TOKEN_BYTES);
        }
        mapper.putDevice(member.studio(), member.artistId(), Secrets.hash(token));
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
        Cookie cookie = WebUtils.getCookie(request, COOKIE);
        return cookie == null
                        || cookie.getValue().isEmpty()
                        || cookie.getValue().length() > LONGEST
                ? null
                : cookie.getValue();
    }
}
