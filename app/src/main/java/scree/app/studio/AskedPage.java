package scree.app.studio;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.net.URI;
import java.net.URISyntaxException;
import java.net.URLDecoder;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.security.web.savedrequest.RequestCache;
import org.springframework.security.web.savedrequest.SavedRequest;
import org.springframework.security.web.savedrequest.SimpleSavedRequest;
import org.springframework.web.util.WebUtils;

/**
 * Remembers in a short-lived cookie which page was asked for before signing in: its path only, so that no host that somebody
 * claims leads anywhere. A form that was sent is remembered by the page that it stood on. A visitor without an account costs no
 * session.
 */
final class AskedPage implements RequestCache {
    private static final String COOKIE = "scree-asked";
    private static final int LONGEST = 400;

    @Override
    public void saveRequest(HttpServletRequest request, HttpServletResponse response) {
        String path = page(request);
        if (path != null && path.length() <= LONGEST && own(path)) {
            put(request, response, URLEncoder.encode(path, StandardCharsets.UTF_8), Duration.ofMinutes(30));
        }
    }

    private static String page(HttpServletRequest request) {
        String accept = request.getHeader(HttpHeaders.ACCEPT);
        boolean fragment = request.getHeader("HX-Request") != null;
        if (request.getMethod().equals("GET") && !fragment && accept != null && accept.contains("text/html")) {
            return request.getRequestURI() + (request.getQueryString() == null ? "" : "?" + request.getQueryString());
        }
        String from = fragment ? request.getHeader("HX-Current-URL") : request.getHeader(HttpHeaders.REFERER);
        try {
            URI page = from == null ? null : new URI(from);
            return page == null
                    ? null
                    : page.getRawPath() + (page.getRawQuery() == null ? "" : "?" + page.getRawQuery());
        } catch (URISyntaxException e) {
            return null;
        }
    }

    /** Paths of this application only: "//elsewhere" is another host to a browser. */
    private static boolean own(String path) {
        return path.startsWith("/")
                && !path.startsWith("//")
                && !path.startsWith("/\\")
                && !path.startsWith("/sign-")
                && path.chars().noneMatch(c -> c < ' ');
    }

    @Override
    public SavedRequest getRequest(HttpServletRequest request, HttpServletResponse response) {
        String path = path(request);
        return path == null ? null : new SimpleSavedRequest(path);
    }

    /** Nothing of a former request is played again; its page is opened anew. */
    @Override
    public HttpServletRequest getMatchingRequest(HttpServletRequest request, HttpServletResponse response) {
        return null;
    }

    @Override
    public void removeRequest(HttpServletRequest request, HttpServletResponse response) {
        if (path(request) != null) {
            put(request, response, "", Duration.ZERO);
        }
    }

    private static String path(HttpServletRequest request) {
        Cookie cookie = WebUtils.getCookie(request, COOKIE);
        if (cookie == null || cookie.getValue().isEmpty() || cookie.getValue().length() > 3 * LONGEST) {
            return null;
        }
        try {
            String path = URLDecoder.decode(cookie.getValue(), StandardCharsets.UTF_8);
            return own(path) ? path : null;
        } catch (IllegalArgumentException e) {
            return null;
        }
    }

    private static void put(HttpServletRequest request, HttpServletResponse response, String value, Duration kept) {
        ResponseCookie cookie = ResponseCookie.from(COOKIE, value)
                .path("/")
                .httpOnly(true)
                .secure(request.isSecure())
                .sameSite("Lax")
                .maxAge(kept)
                .build();
        response.addHeader(HttpHeaders.SET_COOKIE, cookie.toString());
    }
}
