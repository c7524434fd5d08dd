package org.leanlintel.server.openapi;

import java.lang.reflect.Method;
import java.lang.reflect.Parameter;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.leanlintel.server.api.BoardApi;
import org.leanlintel.server.api.DeskApi;
import org.leanlintel.server.api.FilesApi;
import org.leanlintel.server.api.FormsApi;
import org.leanlintel.server.api.HeightsApi;
import org.leanlintel.server.api.IssuesApi;
import org.leanlintel.server.api.LayersApi;
import org.leanlintel.server.api.NotesApi;
import org.leanlintel.server.api.PicturesApi;
import org.leanlintel.server.api.PlotsApi;
import org.leanlintel.server.api.ProjectsApi;
import org.leanlintel.server.api.RegionsApi;
import org.leanlintel.server.api.RoomsApi;
import org.leanlintel.server.api.SheetsApi;
import org.leanlintel.server.api.StairRulesApi;
import org.leanlintel.server.api.StandardsApi;
import org.leanlintel.server.api.VersionsApi;
import org.springframework.core.annotation.AnnotatedElementUtils;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.ValueConstants;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** The OpenAPI 3.1 description of the API, from its controllers. */
public final class ApiDescription {

    private static final List<Class<?>> CONTROLLERS = List.of(
            ProjectsApi.class,
            BoardApi.class,
            PicturesApi.class,
            SheetsApi.class,
            IssuesApi.class,
            FormsApi.class,
            PlotsApi.class,
            RoomsApi.class,
            NotesApi.class,
            HeightsApi.class,
            VersionsApi.class,
            DeskApi.class,
            FilesApi.class,
            StairRulesApi.class,
            RegionsApi.class,
            LayersApi.class,
            StandardsApi.class);

    private final Schemas schemas = new Schemas();
    private final Map<String, Map<String, Object>> paths = new TreeMap<>();

    private ApiDescription() {}

    public static Map<String, Object> document() {
        ApiDescription description = new ApiDescription();
        for (Class<?> controller : CONTROLLERS) {
            Arrays.stream(controller.getDeclaredMethods())
                    .sorted(Comparator.comparing(Method::getName))
                    .filter(m -> AnnotatedElementUtils.hasAnnotation(m, RequestMapping.class))
                    .forEach(m -> description.add(controller, m));
        }
        Map<String, Object> document = new LinkedHashMap<>();
        document.put("openapi", "3.1.0");
        document.put("info", Map.of("title", "Lean Lintel", "version", "1"));
        document.put("paths", description.paths);
        document.put("components", Map.of("schemas", description.schemas.named()));
        return document;
    }

    private void add(Class<?> controller, Method method) {
        RequestMapping base = AnnotatedElementUtils.findMergedAnnotation(controller, RequestMapping.class);
        RequestMapping own = AnnotatedElementUtils.findMergedAnnotation(method, RequestMapping.class);
        if (base == null || own == null) return;
        String path = base.path()[0] + (own.path().length == 0 ? "" : own.path()[0]);
        Map<String, Object> operation = new LinkedHashMap<>();
        operation.put(
                "operationId",
                controller.getSimpleName().replace("Api", "").toLowerCase(Locale.ROOT) + "_" + method.getName());
        operation.put("parameters", parameters(method));
        for (Parameter p : method.getParameters()) {
            if (p.isAnnotationPresent(RequestBody.class))
                operation.put("requestBody", Map.of("required", true, "content", body(p, own)));
        }
        operation.put("responses", responses(method, own));
        paths.computeIfAbsent(path, p -> new TreeMap<>())
                .put(own.method()[0].name().toLowerCase(Locale.ROOT), operation);
    }

    private Map<String, Object> body(Parameter parameter, RequestMapping mapping) {
        boolean isFile = Arrays.asList(mapping.consumes()).contains(MediaType.APPLICATION_PDF_VALUE);
        if (isFile) return files(mapping.consumes());
        Object schema = parameter.getType() == byte[].class
                ? Map.of("type", "object")
                : schemas.of(parameter.getAnnotatedType());
        return Map.of("application/json", Map.of("schema", schema));
    }

    private static Map<String, Object> files(String[] mediaTypes) {
        Map<String, Object> content = new TreeMap<>();
        for (String media : mediaTypes) content.put(media, Map.of("schema", Map.of("type", "string")));
        return content;
    }

    private List<Object> parameters(Method method) {
        List<Object> parameters = new ArrayList<>();
        for (Parameter p : method.getParameters()) {
            boolean inPath = p.isAnnotationPresent(PathVariable.class);
            RequestParam query = p.getAnnotation(RequestParam.class);
            if (!inPath && query == null) continue;
            boolean optional = query != null
                    && (p.getAnnotatedType().isAnnotationPresent(Nullable.class)
                            || !query.defaultValue().equals(ValueConstants.DEFAULT_NONE));
            parameters.add(Map.of(
                    "name",
                    p.getName(),
                    "in",
                    inPath ? "path" : "query",
                    "required",
                    !optional,
                    "schema",
                    p.getType() == List.class ? schemas.of(p.getAnnotatedType()) : schemas.of(p.getType())));
        }
        return parameters;
    }

    private Map<String, Object> responses(Method method, RequestMapping mapping) {
        ResponseStatus status = AnnotatedElementUtils.findMergedAnnotation(method, ResponseStatus.class);
        String code = status == null ? "200" : String.valueOf(status.code().value());
        Map<String, Object> responses = new TreeMap<>();
        responses.put(
                code,
                method.getReturnType() == void.class
                        ? Map.of("description", "Done")
                        : Map.of("description", "Done", "content", content(method, mapping)));
        responses.put(
                "4XX",
                Map.of(
                        "description",
                        "A problem document",
                        "content",
                        Map.of("application/problem+json", Map.of("schema", problem()))));
        return responses;
    }

    private Map<String, Object> content(Method method, RequestMapping mapping) {
        Class<?> type = method.getReturnType();
        if (type == ResponseEntity.class || type == SseEmitter.class) {
            String media = mapping.produces().length == 0 ? "application/json" : mapping.produces()[0];
            return Map.of(media, Map.of("schema", Map.of("type", "string")));
        }
        return Map.of("application/json", Map.of("schema", schemas.of(method.getAnnotatedReturnType())));
    }

    /** RFC 9457, with the elements a refusal concerns. */
    private static Map<String, Object> problem() {
        Map<String, Object> text = Map.of("type", "string");
        return Map.of(
                "type",
                "object",
                "required",
                List.of("title", "status", "detail"),
                "properties",
                Map.of(
                        "type",
                        text,
                        "title",
                        text,
                        "status",
                        Map.of("type", "integer"),
                        "detail",
                        text,
                        "concerns",
                        Map.of("type", "array", "items", text)));
    }
}
