package org.leanlintel.server.api;

import java.util.List;
import java.util.stream.Stream;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Unusable;
import org.leanlintel.formats.standard.OfficeStandard;
import org.leanlintel.formats.standard.OwnRegion;
import org.leanlintel.formats.standard.TradeRegion;
import org.leanlintel.server.store.OfficeRegions;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The trade regions a project can be of, with all they offer: those that come with the program, and the office's own. */
@RestController
@RequestMapping("/api/v1/regions")
public class RegionsApi {

    private static final List<OfficeStandard.Offered> SHIPPED =
            OfficeStandard.regions().stream().map(OfficeStandard::offered).toList();

    private final OfficeRegions office;

    RegionsApi(OfficeRegions office) {
        this.office = office;
    }

    @GetMapping
    public List<OfficeStandard.Offered> all() {
        return Stream.concat(SHIPPED.stream(), office.all().stream().map(OfficeStandard::offered))
                .toList();
    }

    /** What a region may offer of the stock. */
    @GetMapping("/stock")
    public List<StockBuildUp> stock() {
        return OfficeStandard.buildUps().stream()
                .map(b -> new StockBuildUp(b.id(), b.name(), b.use()))
                .toList();
    }

    /** Keeps a region of the office's own for all projects, in place of what it was. */
    @PutMapping
    public void keep(@RequestBody TradeRegion region) {
        OwnRegion.checked(region);
        if (office.all().stream()
                .anyMatch(r -> !r.id().equals(region.id()) && r.name().equals(region.name())))
            throw new Unusable(
                    "There is a region \u201C%s\u201D already: give this one another name.".formatted(region.name()));
        office.keep(region);
    }

    /** Projects that are of it keep what they have; what they are offered next is of the region it is like. */
    @DeleteMapping
    public void remove(@RequestParam String id) {
        office.remove(id);
    }

    /** A build-up of the stock. */
    public record StockBuildUp(ElementId id, String name, BuildUp.Use use) {}
}
