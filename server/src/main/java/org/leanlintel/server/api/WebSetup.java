package org.leanlintel.server.api;

import org.leanlintel.formats.json.Json;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.ProblemDetail;
import org.springframework.http.converter.json.ProblemDetailJacksonMixin;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.ViewControllerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import tools.jackson.databind.json.JsonMapper;

/** How the API reads and writes JSON, and where the page and the drawing face are served from. */
@Configuration
class WebSetup implements WebMvcConfigurer {

    private final Patience patience;

    WebSetup(Patience patience) {
        this.patience = patience;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(patience).addPathPatterns("/api/v1/projects/**");
    }

    /** Of a problem only what it says is written. */
    @Bean
    static JsonMapper jsonMapper() {
        return Json.mapper()
                .rebuild()
                .addMixIn(ProblemDetail.class, ProblemDetailJacksonMixin.class)
                .build();
    }

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/fonts/**")
                .addResourceLocations("classpath:/fonts/")
                .setCachePeriod(86_400);
    }

    /** The page finds its own way from the address, so every address of it serves the same file. */
    @Override
    public void addViewControllers(ViewControllerRegistry registry) {
        registry.addViewController("/projects/{project}").setViewName("forward:/index.html");
    }
}
