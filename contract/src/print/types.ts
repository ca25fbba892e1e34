/** The report is made by the server; who asks says when. */
export interface KeepReportRequest {
  readonly deviceTime: string;
}
