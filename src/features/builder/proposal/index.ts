export { ProposalPanel } from './proposal-panel';
export { useProposals, type Proposal } from './use-proposals';
