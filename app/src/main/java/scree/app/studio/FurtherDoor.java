package scree.app.studio;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.web.savedrequest.RequestCache;

/** Another way in beside address and password. */
public interface FurtherDoor {
    /**
     * Puts itself beside the door for passwords.
     *
     * @param asked where somebody wanted to go before they were asked who they are
     * @param arrival what is done when somebody came in
     */
    void into(HttpSecurity http, RequestCache asked, Arrival arrival);

    /** What is done when somebody came in: it is kept, and their browser is remembered. */
    interface Arrival {
        void of(HttpServletRequest request, HttpServletResponse response, Member member);
    }
}
