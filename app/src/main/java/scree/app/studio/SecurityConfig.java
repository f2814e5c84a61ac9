package scree.app.studio;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.regex.Pattern;
import org.springframework.boot.health.actuate.endpoint.HealthEndpoint;
import org.springframework.boot.security.autoconfigure.actuate.web.servlet.EndpointRequest;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import org.springframework.security.web.savedrequest.HttpSessionRequestCache;

/** Who may see what, and which headers keep a browser honest. */
@Configuration
public class SecurityConfig {
    private static final String POLICY = "default-src 'self'; img-src 'self' data: blob:; style-src 'self'; "
            + "script-src 'self'; font-src 'self'; connect-src 'self'; object-src 'none'; base-uri 'none'; "
            + "form-action 'self'; frame-ancestors 'none'";

    /** The Face page and a client's page may run WebAssembly, for the first guess of the points; nothing else is loosened. */
    private static final String FACE_POLICY =
            POLICY.replace("script-src 'self'", "script-src 'self' 'wasm-unsafe-eval'");

    private static final Pattern FACE_PAGE = Pattern.compile("/sittings/\\d+/face|/from-home/[^/]+(/picture)?");

    /** Static files: public, and cached as the resource handler says instead of never. */
    @Bean
    @Order(1)
    SecurityFilterChain staticFiles(HttpSecurity http) throws Exception {
        return http.securityMatcher("/css/**", "/js/**", "/fonts/**", "/webjars/**", "/vendor/**", "/favicon.svg")
                .authorizeHttpRequests(all -> all.anyRequest().permitAll())
                .headers(h -> h.cacheControl(c -> c.disable()))
                .requestCache(c -> c.disable())
                .securityContext(c -> c.disable())
                .sessionManagement(s -> s.disable())
                .build();
    }

    /** Health has its own port on loopback and says up or down only. */
    @Bean
    @Order(2)
    SecurityFilterChain health(HttpSecurity http) throws Exception {
        return http.securityMatcher(EndpointRequest.to(HealthEndpoint.class))
                .authorizeHttpRequests(all -> all.anyRequest().permitAll())
                .build();
    }

    @Bean
    @Order(3)
    SecurityFilterChain pages(HttpSecurity http) throws Exception {
        HttpSessionRequestCache asked = new HttpSessionRequestCache();
        asked.setMatchingRequestParameterName(null); // keeps the address clean after sign-in
        return http.requestCache(c -> c.requestCache(asked))
                .authorizeHttpRequests(all -> all.requestMatchers("/sign-in", "/error", "/from-home/**")
                        .permitAll()
                        .anyRequest()
                        .hasRole("ARTIST"))
                .formLogin(form ->
                        form.loginPage("/sign-in").defaultSuccessUrl("/", false).failureUrl("/sign-in?failed"))
                .logout(out -> out.logoutUrl("/sign-out").logoutSuccessUrl("/sign-in?left"))
                .headers(h -> h.addHeaderWriter(SecurityConfig::writePolicy)
                        .referrerPolicy(r -> r.policy(ReferrerPolicy.SAME_ORIGIN))
                        .permissionsPolicyHeader(p -> p.policy("camera=(self), microphone=(), geolocation=()")))
                .build();
    }

    private static void writePolicy(HttpServletRequest request, HttpServletResponse response) {
        boolean face = FACE_PAGE.matcher(request.getServletPath()).matches();
        response.setHeader("Content-Security-Policy", face ? FACE_POLICY : POLICY);
    }
}
