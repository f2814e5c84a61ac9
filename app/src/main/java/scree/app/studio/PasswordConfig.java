package scree.app.studio;

import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.authentication.dao.DaoAuthenticationProvider;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;

/** How passwords are kept: bcrypt, cost 11 unless told otherwise (about a tenth of a second a guess on a laptop). */
@Configuration
class PasswordConfig {
    @Bean
    PasswordEncoder passwordEncoder(@Value("${scree.password-cost:11}") int cost) {
        return new BCryptPasswordEncoder(cost);
    }

    /** Takes as long for an account that does not exist; the session that follows keeps no hash. */
    @Bean
    DaoAuthenticationProvider passwordCheck(Accounts accounts, PasswordEncoder encoder) {
        DaoAuthenticationProvider check = new DaoAuthenticationProvider(accounts) {
            @Override
            protected Authentication createSuccessAuthentication(Object as, Authentication typed, UserDetails user) {
                return super.createSuccessAuthentication(((Member) as).withoutHash(), typed, user);
            }
        };
        check.setPasswordEncoder(encoder);
        return check;
    }
}
