package scree.app.people;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.Comparator;
import java.util.List;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import scree.app.passkey.Passkeys;
import scree.app.studio.Accounts;
import scree.app.studio.CurrentMember;
import scree.app.studio.Member;
import scree.app.studio.OpenTo;
import scree.app.studio.Role;
import scree.app.studio.Secrets;
import scree.app.studio.SignInLimit;
import scree.app.studio.SignIns;
import scree.app.studio.StudioTime;
import scree.app.web.Words;

/** An artist's own account: another password, and where they are signed in. */
@Controller
@RequestMapping("/account")
@OpenTo({Role.OWNER, Role.ARTIST, Role.ASSISTANT, Role.TRAINEE})
class AccountController {
    private final Accounts accounts;
    private final People people;
    private final Passwords passwords;
    private final SignIns history;
    private final Passkeys passkeys;
    private final ObjectProvider<SignInLimit> limit;
    private final ObjectProvider<FindByIndexNameSessionRepository<? extends Session>> sessions;
    private final StudioTime time;
    private final Words words;

    AccountController(
            Accounts accounts,
            People people,
            Passwords passwords,
            SignIns history,
            Passkeys passkeys,
            ObjectProvider<SignInLimit> limit,
            ObjectProvider<FindByIndexNameSessionRepository<? extends Session>> sessions,
            StudioTime time,
            Words words) {
        this.accounts = accounts;
        this.people = people;
        this.passwords = passwords;
        this.history = history;
        this.passkeys = passkeys;
        this.limit = limit;
        this.sessions = sessions;
        this.time = time;
        this.words = words;
    }

    /** Where somebody is signed in; the handle tells nothing of the session's own number. */
    record Place(String handle, String since, String used, boolean here) {}

    @GetMapping
    String page(@CurrentMember Member me, Model model, HttpServletRequest request) {
        model.addAttribute("me", me);
        model.addAttribute("owner", people.owns(me));
        model.addAttribute("places", places(me, request));
        model.addAttribute("history", history.newest(me));
        model.addAttribute("passkeys", passkeys.of(me));
        model.addAttribute("zone", time.zone(me.studio()));
        return "studio/account";
    }

    private List<Place> places(Member me, HttpServletRequest request) {
        FindByIndexNameSessionRepository<? extends Session> all = sessions.getIfAvailable();
        if (all == null) {
            return List.of();
        }
        String own = request.getSession().getId();
        return all.findByPrincipalName(me.email()).values().stream()
                .sorted(Comparator.comparing((Session s) -> s.getLastAccessedTime())
                        .reversed())
                .map(s -> new Place(
                        Secrets.hash(s.getId()),
                        words.date("date.moment", s.getCreationTime().atZone(time.zone(me.studio()))),
                        words.date("date.moment", s.getLastAccessedTime().atZone(time.zone(me.studio()))),
                        s.getId().equals(own)))
                .toList();
    }

    /** Ends a session of one's own; at its next request it is over. */
    @PostMapping("/places/{handle}/end")
    String end(@CurrentMember Member me, @PathVariable String handle) {
        FindByIndexNameSessionRepository<? extends Session> all = sessions.getIfAvailable();
        if (all != null) {
            all.findByPrincipalName(me.email()).values().stream()
                    .filter(s -> Secrets.hash(s.getId()).equals(handle))
                    .forEach(s -> all.deleteById(s.getId()));
        }
        return "redirect:/account";
    }

    /** Takes another password; every other session of the artist is over. */
    @PostMapping("/password")
    String password(
            @CurrentMember Member me,
            @RequestParam(defaultValue = "") String now,
            @RequestParam(defaultValue = "") String other,
            Model model,
            RedirectAttributes next,
            HttpServletRequest request,
            HttpServletResponse response) {
        SignInLimit tries = limit.getIfAvailable();
        Duration wait = tries == null ? Duration.ZERO : tries.tried(me.email(), request.getRemoteAddr(), null);
        if (!wait.isZero()) {
            return refused(me, words.say("signIn.wait", wait.toMinutes() + 1), model, request);
        }
        if (!accounts.isPassword(me, now)) {
            return refused(me, words.say("password.notNow"), model, request);
        }
        if (tries != null) {
            tries.succeeded(me.email(), request.getRemoteAddr(), null);
        }
        Passwords.Fault fault = passwords.judge(other, List.of(me.name(), me.email(), me.studioName()));
        if (fault != Passwords.Fault.NONE) {
            return refused(
                    me, words.say("account.password.other") + " " + words.say("password." + fault), model, request);
        }
        accounts.changePassword(me.studio(), me.artistId(), other);
        stay(me, request, response);
        next.addFlashAttribute("changed", true);
        return "redirect:/account";
    }

    private String refused(Member me, String why, Model model, HttpServletRequest request) {
        model.addAttribute("refused", why);
        return page(me, model, request);
    }

    /** This session goes on with the new password; it gets another number, as after any sign-in. */
    private void stay(Member me, HttpServletRequest request, HttpServletResponse response) {
        Member again = accounts.loadUserByUsername(me.email()).withoutHash();
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(
                UsernamePasswordAuthenticationToken.authenticated(again, null, again.getAuthorities()));
        request.changeSessionId();
        SecurityContextHolder.setContext(context);
        new HttpSessionSecurityContextRepository().saveContext(context, request, response);
    }
}
