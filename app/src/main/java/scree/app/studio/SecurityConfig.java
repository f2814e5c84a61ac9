package scree.app.studio;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Clock;
import java.util.regex.Pattern;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.boot.security.autoconfigure.actuate.web.servlet.EndpointRequest;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.AccessDeniedHandlerImpl;
import org.springframework.security.web.authentication.UsernamePasswordAuthenticationFilter;
import org.springframework.security.web.context.SecurityContextHolderFilter;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.XorCsrfTokenRequestAttributeHandler;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import org.springframework.security.web.savedrequest.RequestCache;

/** Who may see what, and which headers keep a browser honest. */
@Configuration
public class SecurityConfig {
    private static final Pattern FACE_PAGE =
            Pattern.compile("/sittings/\\d+/(face|skin|light|record(/after)?)|/from-home/[^/]+(/picture)?");

    /** Static files: public, and cached as the resource handler says instead of never. */
    @Bean
    @Order(1)
    SecurityFilterChain staticFiles(HttpSecurity http) throws Exception {
        return http.securityMatcher(
                        "/css/**",
                        "/js/**",
                        "/fonts/**",
                        "/webjars/**",
                        "/vendor/**",
                        "/favicon.svg",
                        "/chair-worker.js")
                .authorizeHttpRequests(all -> all.anyRequest().permitAll())
                .headers(h -> h.cacheControl(c -> c.disable()))
                .requestCache(c -> c.disable())
                .securityContext(c -> c.disable())
                .sessionManagement(s -> s.disable())
                .csrf(c -> c.disable())
                .anonymous(a -> a.disable()) // whose details would look the session up in the database, for every file
                .logout(out -> out.disable())
                .build();
    }

    /** Health and counts have a port of their own on loopback; health says up or down only, counts bear no names. */
    @Bean
    @Order(2)
    SecurityFilterChain health(HttpSecurity http) throws Exception {
        return http.securityMatcher(EndpointRequest.to("health", "metrics", "prometheus"))
                .authorizeHttpRequests(all -> all.anyRequest().permitAll())
                .build();
    }

    @Bean
    @Order(3)
    SecurityFilterChain pages(
            HttpSecurity http,
            ObjectProvider<SignInLimit> limit,
            ObjectProvider<Devices> devices,
            ObjectProvider<SignIns> history,
            ObjectProvider<Accounts> accounts,
            ObjectProvider<FurtherDoor> further,
            ObjectProvider<Clock> clock)
            throws Exception {
        RequestCache asked = new AskedPage();
        http.requestCache(c -> c.requestCache(asked))
                .authorizeHttpRequests(all -> all.requestMatchers(
                                "/sign-in", "/error", "/from-home/**", "/calendar/*", "/first-run/*", "/join/*")
                        .permitAll()
                        .anyRequest()
                        .authenticated())
                .csrf(c -> c.csrfTokenRepository(tokens()).csrfTokenRequestHandler(eager()))
                .exceptionHandling(e -> e.authenticationEntryPoint(
                                (request, response, why) -> toSignIn(request, response))
                        .accessDeniedHandler((request, response, denied) -> denied(request, response, denied, asked)))
                .logout(out -> out.logoutUrl("/sign-out")
                        .addLogoutHandler((request, response, as) -> response.setHeader("Clear-Site-Data", "\"cache\""))
                        .logoutSuccessUrl("/sign-in?left"))
                .headers(h -> h.addHeaderWriter(SecurityConfig::writePolicy)
                        .referrerPolicy(r -> r.policy(ReferrerPolicy.SAME_ORIGIN))
                        .permissionsPolicyHeader(p -> p.policy("camera=(self), microphone=(), geolocation=()")))
                .addFilterAfter(
                        new StillHere(accounts, clock.getIfAvailable(Clock::systemUTC)),
                        SecurityContextHolderFilter.class);
        if (limit.getIfAvailable() != null) { // a test of one page has no door
            SignInDoor door = new SignInDoor(limit.getObject(), devices.getObject(), history.getObject(), asked);
            http.addFilterBefore(door, UsernamePasswordAuthenticationFilter.class)
                    .formLogin(form -> form.loginPage("/sign-in")
                            .successHandler(door)
                            .failureHandler((request, response, why) -> door.failed(request, response)));
            further.forEach(other -> other.into(http, asked, door::arrived));
        }
        return http.build();
    }

    /** In a cookie, so that visitors need no session and a form outlives the session that it was opened in. */
    private static CookieCsrfTokenRepository tokens() {
        CookieCsrfTokenRepository tokens = new CookieCsrfTokenRepository();
        tokens.setCookieName("scree-form");
        tokens.setCookieCustomizer(c -> c.httpOnly(true).sameSite("Lax"));
        return tokens;
    }

    /** At once, for a page that has begun to be sent can set no cookie any more. */
    private static XorCsrfTokenRequestAttributeHandler eager() {
        XorCsrfTokenRequestAttributeHandler handler = new XorCsrfTokenRequestAttributeHandler();
        handler.setCsrfRequestAttributeName(null);
        return handler;
    }

    /** A session that ended while somebody worked says so; what was typed lies in their browser. */
    private static void toSignIn(HttpServletRequest request, HttpServletResponse response) throws IOException {
        if (request.getHeader("HX-Request") != null) {
            response.setStatus(HttpServletResponse.SC_UNAUTHORIZED);
            return;
        }
        boolean worked = !request.getMethod().equals("GET") || request.getRequestedSessionId() != null;
        response.sendRedirect(worked ? "/sign-in?ended" : "/sign-in");
    }

    private static void denied(
            HttpServletRequest request, HttpServletResponse response, AccessDeniedException why, RequestCache asked)
            throws IOException, jakarta.servlet.ServletException {
        Authentication as = SecurityContextHolder.getContext().getAuthentication();
        boolean signedIn = as != null && as.getPrincipal() instanceof Member;
        if (signedIn
                || request.getRequestURI().startsWith(request.getContextPath() + "/from-home/")
                || request.getRequestURI().startsWith(request.getContextPath() + "/first-run/")
                || request.getRequestURI().startsWith(request.getContextPath() + "/join/")) {
            new AccessDeniedHandlerImpl().handle(request, response, why);
        } else {
            asked.saveRequest(request, response);
            toSignIn(request, response);
        }
    }

    private static void writePolicy(HttpServletRequest request, HttpServletResponse response) {
        boolean face = FACE_PAGE.matcher(request.getServletPath()).matches();
        response.setHeader("Content-Security-Policy", face ? ContentPolicy.FACE : ContentPolicy.PAGES);
    }
}
