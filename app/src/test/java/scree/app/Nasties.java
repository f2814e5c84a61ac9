package scree.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.reflect.Parameter;
import java.lang.reflect.RecordComponent;
import java.time.temporal.Temporal;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springframework.http.HttpMethod;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.method.RequestMappingInfo;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import scree.app.studio.Member;

/** The routes that there are, with their fields, and what no page sends in them. */
final class Nasties {
    private static final List<String> NUMBERS = List.of(
            "NaN",
            "1e308",
            "-1e308",
            "",
            "Infinity",
            "-Infinity",
            "-0",
            "0x1p5",
            "61d",
            "9999999",
            "-9999999",
            "1e-300",
            "7".repeat(4000),
            "seven");
    private static final List<String> TEXTS =
            List.of("a\0b", "\0", "x".repeat(30_000), "<script>'\"&", "\u202e\ud83d\ude00", "%00%s{0}${7*7}");
    private static final List<String> DATES =
            List.of("+300000-01-01", "-0001-01-01", "1989-12-31", "2026-02-30", "9999-12-31", "today", "");

    /** One field of a route: its name, what it holds, and the form that it belongs to or null. */
    record Field(String name, Class<?> type, Class<?> form) {}

    /** One route with all its fields. */
    record Route(HttpMethod verb, String path, List<Field> fields, String file) {}

    private Nasties() {}

    /** Returns every route of the application that ends nothing that the others need. */
    static List<Route> of(RequestMappingHandlerMapping routes) {
        List<Route> all = new ArrayList<>();
        for (Map.Entry<RequestMappingInfo, HandlerMethod> route :
                routes.getHandlerMethods().entrySet()) {
            if (!route.getValue().getBeanType().getPackageName().startsWith("scree.app")) {
                continue;
            }
            String path = route.getKey()
                    .getPathPatternsCondition()
                    .getPatternValues()
                    .iterator()
                    .next();
            var verbs = route.getKey().getMethodsCondition().getMethods();
            HttpMethod verb =
                    verbs.isEmpty() ? HttpMethod.GET : verbs.iterator().next().asHttpMethod();
            List<Field> fields = new ArrayList<>();
            String file = null;
            for (Parameter p : route.getValue().getMethod().getParameters()) {
                RequestParam one = p.getAnnotation(RequestParam.class);
                if (p.getType() == MultipartFile.class) {
                    file = one == null || one.value().isEmpty() ? p.getName() : one.value();
                } else if (one != null) {
                    String name = one.name().isEmpty() ? one.value() : one.name();
                    fields.add(new Field(name.isEmpty() ? p.getName() : name, p.getType(), null));
                } else if (p.getType().isRecord()
                        && !p.isAnnotationPresent(PathVariable.class)
                        && p.getType() != Member.class) {
                    for (RecordComponent c : p.getType().getRecordComponents()) {
                        fields.add(new Field(c.getName(), c.getType(), p.getType()));
                    }
                } else if (p.isAnnotationPresent(ModelAttribute.class) && p.getType() != Model.class) {
                    for (var setter : p.getType().getMethods()) {
                        if (setter.getName().startsWith("set")) {
                            String name = setter.getName().substring(3);
                            fields.add(new Field(
                                    Character.toLowerCase(name.charAt(0)) + name.substring(1),
                                    setter.getParameterTypes()[0],
                                    p.getType()));
                        }
                    }
                }
            }
            boolean ends = path.contains("/delete")
                    || path.endsWith("/erase")
                    || path.endsWith("/done")
                    || path.contains("forget");
            if (!ends) {
                all.add(new Route(verb, path, fields, file));
            }
        }
        assertThat(all).hasSizeGreaterThan(90);
        return all;
    }

    /** Returns all that a field of a type may get. */
    private static List<String> nasties(Class<?> type) {
        if (type.isEnum() || type == boolean.class || type == Boolean.class) {
            return List.of("", "NONE_OF_THEM", "a\0b");
        }
        if (Temporal.class.isAssignableFrom(type)) {
            return DATES;
        }
        if (type == String.class) {
            List<String> all = new ArrayList<>(TEXTS);
            all.addAll(DATES);
            all.addAll(List.of("NaN", "NaN,NaN,1,1,2,2", "1e308,1,2,3,4,1e308"));
            return all;
        }
        return NUMBERS;
    }

    /**
     * The first field of a type on a route gets what has felled one before (the first of a list), and like every other field one of the
     * rest in turn: all go through the same readers, and every nastiness meets every type on many routes. Texts are read by each route
     * itself and get all of the worst; of the others, which Spring reads, half of them at every second route.
     */
    static List<String> some(Class<?> type, int before, int route) {
        List<String> nasties = nasties(type);
        int worst = Math.min(WORST, nasties.size());
        int from = type == String.class || worst < WORST ? 0 : route % 2 * (WORST / 2);
        int until = type == String.class || worst < WORST ? worst : from + WORST / 2;
        List<String> some = new ArrayList<>(before == 0 ? nasties.subList(from, until) : List.of());
        some.add(nasties.get((before + route) % nasties.size()));
        return some.stream().distinct().toList();
    }

    private static final int WORST = 4;
}
