package scree.app.studio;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import org.springframework.security.core.Authentication;
import org.springframework.security.web.authentication.AuthenticationSuccessHandler;
import org.springframework.security.web.authentication.SavedRequestAwareAuthenticationSuccessHandler;
import org.springframework.security.web.savedrequest.RequestCache;
import org.springframework.web.filter.OncePerRequestFilter;

/** Stands before the password check: counts tries, and remembers the browser of whoever came in. */
class SignInDoor extends OncePerRequestFilter implements AuthenticationSuccessHandler {
    private static final int LONGEST_ADDRESS = 200;

    private final SignInLimit limit;
    private final Devices devices;
    private final SignIns history;
    private final SavedRequestAwareAuthenticationSuccessHandler onward =
            new SavedRequestAwareAuthenticationSuccessHandler();

    SignInDoor(SignInLimit limit, Devices devices, SignIns history, RequestCache asked) {
        this.history = history;
        this.limit = limit;
        this.devices = devices;
        onward.setRequestCache(asked);
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !request.getMethod().equals("POST")
                || !request.getRequestURI().equals(request.getContextPath() + "/sign-in");
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String account = account(request);
        String password = request.getParameter("password");
        boolean impossible = account.length() > LONGEST_ADDRESS
                || account.indexOf('\0') >= 0
                || password == null
                || password.getBytes(java.nio.charset.StandardCharsets.UTF_8).length > Accounts.LONGEST_BYTES;
        Duration wait = limit.tried(
                impossible ? "" : account,
                request.getRemoteAddr(),
                impossible ? null : devices.known(request, account));
        if (!wait.isZero()) {
            response.sendRedirect("/sign-in?wait=" + Math.max(1, wait.toSeconds() + 1));
        } else if (impossible) {
            response.sendRedirect("/sign-in?failed");
        } else {
            chain.doFilter(request, response);
        }
    }

    @Override
    public void onAuthenticationSuccess(HttpServletRequest request, HttpServletResponse response, Authentication as)
            throws IOException, ServletException {
        String account = account(request);
        limit.succeeded(account, request.getRemoteAddr(), devices.known(request, account));
        arrived(request, response, (Member) as.getPrincipal());
        onward.onAuthenticationSuccess(request, response, as);
    }

    void arrived(HttpServletRequest request, HttpServletResponse response, Member member) {
        history.cameIn(member, request.getRemoteAddr(), devices.known(request, member.email()) != null);
        devices.remember(request, response, member);
    }

    /** Says no more than that it failed; whose account it is sees the try. */
    void failed(HttpServletRequest request, HttpServletResponse response) throws IOException {
        history.failed(account(request), request.getRemoteAddr());
        response.sendRedirect("/sign-in?failed");
    }

    private static String account(HttpServletRequest request) {
        String typed = request.getParameter("username");
        return typed == null ? "" : typed;
    }
}
