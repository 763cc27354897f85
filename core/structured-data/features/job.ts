import { type Feature, needs, REMEMBERED } from "../feature.ts";

export const job: Feature = {
  id: "job",
  shows: "salary and place",
  types: ["JobPosting"],
  required: [
    needs("title"),
    needs("description"),
    needs("datePosted"),
    needs(["hiringOrganization.name", "hiringOrganization"], "who is hiring"),
    needs(["jobLocation.address", "applicantLocationRequirements"], "a place of work"),
  ],
  recommended: [
    needs("validThrough"),
    needs("employmentType"),
    needs("baseSalary.value", "a salary"),
    needs("baseSalary.currency", "currency of the salary", "baseSalary"),
    needs("directApply"),
    needs("identifier"),
  ],
  source: REMEMBERED,
};
